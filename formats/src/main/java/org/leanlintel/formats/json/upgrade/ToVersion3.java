package org.leanlintel.formats.json.upgrade;

import tools.jackson.databind.node.ObjectNode;

/**
 * A post has the make of a pier; walls have a rise and a state, windows a way of opening, and lenses a pen for what is to
 * be removed.
 */
final class ToVersion3 extends Step {

    @Override
    void element(ObjectNode element) {
        switch (type(element)) {
            case "post" -> {
                ObjectNode make = thing("solid");
                make.set("material", element.remove("material"));
                make.set("depthMm", element.remove("depthMm"));
                element.set("make", make);
            }
            case "wall" -> {
                ObjectNode rise = object().put("footMm", 0.0);
                rise.set("head", thing("underStoreyAbove"));
                element.set("rise", rise);
                element.put("state", "NEW");
            }
            case "opening" -> {
                if (element.path("kind") instanceof ObjectNode kind
                        && type(kind).equals("window")) kind.put("opens", "FIXED");
            }
            case "lens" -> {
                if (element.path("pens") instanceof ObjectNode pens)
                    pens.putObject("REMOVED").put("widthMm", 0.18).put("dash", "DASHED");
            }
            default -> {}
        }
    }
}
