package org.leanlintel.formats.standard;

import java.util.List;

/**
 * What names of layers can be made up of, field by field: names of layers are free, and may follow ISO 13567-2.
 *
 * @param source where the fields come from, and how sure they are
 * @param fields in the order that a name has them; a text of one's own may follow after a space
 */
public record LayerFields(String source, List<Field> fields) {

    /**
     * One field, always as long.
     *
     * @param length in characters; places not used are "-"
     * @param needed whether every such name has it
     * @param codes that may stand in it; any letters and figures where there are none
     */
    public record Field(String name, int length, boolean needed, List<Code> codes) {}

    /** @param words what a code stands for */
    public record Code(String code, String words) {}
}
