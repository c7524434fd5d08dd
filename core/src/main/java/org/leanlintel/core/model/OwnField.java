package org.leanlintel.core.model;

/** Something of a project that its title blocks tell and the program does not know by itself: a job number, who checked it. */
public record OwnField(String name, String value) {
    public OwnField {
        name = Checks.name("The name of a field", name);
        value = Checks.text("A field of the title block", value, 200);
        if (name.indexOf('{') >= 0 || name.indexOf('}') >= 0) throw new Unusable("The name of a field has no braces.");
    }
}
