package org.leanlintel.core.model;

/**
 * How the house lies.
 *
 * @param datum what levels are counted from, as "site datum"; empty where they are counted from the project's zero
 * @param zeroMm the project's zero above that datum
 * @param groundMm the ground outside the house above the project's zero
 * @param north where north is in plans, radians counter-clockwise from their right
 */
public record Site(ElementId id, String datum, double zeroMm, double groundMm, double north) implements Element.Sole {

    /** There is one, and this is its name. */
    public static final ElementId ID = new ElementId("site");

    /** Of projects where nothing was said: north is up. */
    public static final Site UNSAID = new Site(ID, "", 0, 0, Math.PI / 2);

    /** How the house of a model lies. */
    public static Site of(Model model) {
        return model.find(ID) instanceof Site s ? s : UNSAID;
    }

    public Site {
        datum = Checks.text("The name of a datum", datum.strip(), 60);
        zeroMm = Checks.between("The project's zero above its datum", zeroMm, -500_000, 9_000_000);
        groundMm = Checks.between("The ground outside above the project's zero", groundMm, -20_000, 20_000);
        north = Checks.number("Where north is", north, -Math.TAU, Math.TAU, "radians");
    }

    /** With north up. */
    public Site(ElementId id, String datum, double zeroMm, double groundMm) {
        this(id, datum, zeroMm, groundMm, Math.PI / 2);
    }

    /** The same with north elsewhere. */
    public Site turned(double otherNorth) {
        return new Site(id, datum, zeroMm, groundMm, otherNorth);
    }
}
