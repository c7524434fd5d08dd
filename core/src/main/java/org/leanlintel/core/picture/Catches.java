package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.WallEnd;

/** What the pointer may hold to, with the words said beside it. */
public final class Catches {

    private Catches() {}

    public static List<Catch> of(WallSolid solid) {
        Strip strip = solid.strip();
        List<Catch> catches = new ArrayList<>();
        for (End end : End.values()) {
            Vec at = strip.axis().at(end);
            if (strip.wall().at(end) instanceof WallEnd.AtCorner c) {
                catches.add(new Catch("corner of " + strip.wall().mark(), new Hold.AtCorner(c.corner()), at, at));
            }
        }
        BuildUp buildUp = strip.buildUp();
        int plies = buildUp.plies().size();
        face(catches, solid, 0, "face");
        face(catches, solid, plies, "face");
        if (buildUp.structureFrom() > 0) face(catches, solid, buildUp.structureFrom(), "structure");
        if (buildUp.structureTo() < plies) face(catches, solid, buildUp.structureTo(), "structure");
        face(catches, solid, Hold.OnFace.SET_OUT_LINE, "set-out line");
        return catches;
    }

    /** One catch along a straight face; chord by chord along an arc. */
    private static void face(List<Catch> catches, WallSolid solid, int face, String words) {
        Strip strip = solid.strip();
        boolean setOut = face == Hold.OnFace.SET_OUT_LINE;
        double t = setOut ? 0 : strip.offsetOfFace(face);
        Span seen = setOut ? new Span(solid.visible(End.START), solid.visible(End.END), null) : solid.faceSpan(face);
        List<Vec> points = strip.along(seen.from(), seen.to(), t);
        for (int i = 1; i < points.size(); i++)
            catches.add(new Catch(
                    strip.wall().mark() + " " + words,
                    new Hold.OnFace(strip.wall().id(), face),
                    points.get(i - 1),
                    points.get(i)));
    }

    public static List<Catch> of(WallSolid solid, PlacedOpening placed) {
        Strip strip = solid.strip();
        List<Catch> catches = new ArrayList<>();
        for (End edge : End.values()) {
            double s = placed.edge(edge);
            catches.add(new Catch(
                    "edge of " + placed.opening().mark(),
                    new Hold.AtJamb(placed.opening().id(), edge),
                    strip.at(s, strip.lo()),
                    strip.at(s, strip.hi())));
        }
        double middle = placed.middle();
        catches.add(new Catch(
                "middle of " + placed.opening().mark(),
                new Hold.AtCentre(placed.opening().id()),
                strip.at(middle, strip.lo()),
                strip.at(middle, strip.hi())));
        return catches;
    }
}
