package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.stair.StairPlan.Flight;
import org.leanlintel.core.stair.StairPlan.Of;
import org.leanlintel.core.stair.StairPlan.Riser;
import org.leanlintel.core.stair.StairPlan.Tread;

/** The treads, risers, landings, strings, newels, handrails and balusters of a stair as bodies. */
final class StairBodies {

    /** A landing's deck with what carries it, about (trade). */
    static final double LANDING_MM = 150;
    /** How far a closed string stands above the line of the nosings, square to it (BS 585-1 as remembered: check). */
    private static final double MARGIN_MM = 45;
    /** How far newels stand above the handrail. */
    private static final double NEWEL_OVER_MM = 100;

    private final BuiltStair stair;
    private final StairMake make;
    private final Material material;
    private final List<Body> bodies = new ArrayList<>();

    private StairBodies(BuiltStair stair, Model model) {
        this.stair = stair;
        make = stair.stair().make();
        material = model.get(make.material(), Material.class);
    }

    static List<Body> of(BuiltStair stair, Building building) {
        StairBodies made = new StairBodies(stair, building.model());
        for (Tread t : stair.plan().treads()) made.tread(t);
        if (!made.make.hasOpenRisers()) made.risers();
        for (Flight f : stair.plan().flights()) made.strings(f);
        made.newels(building);
        for (Flight f : stair.plan().flights()) made.rails(f, building);
        for (TurnRail r : TurnRail.of(stair)) made.rails(r, building);
        for (Railing r : Balustrade.railings(stair, building))
            made.railing(r, along -> stair.storeyAbove().levelMm());
        return made.bodies;
    }

    /** How far the underside of a flight lies under the line of its nosings, upright. */
    static double underMm(BuiltStair stair) {
        StairMake make = stair.stair().make();
        double rise = stair.plan().sum().riserMm(),
                upright = Math.hypot(1, rise / stair.plan().sum().goingMm());
        return make.strings() == StairMake.Strings.CUT
                ? make.treadMm() + rise + make.stringDepthMm() * upright
                : (make.stringDepthMm() - MARGIN_MM) * upright;
    }

    private void add(List<Vec> ring, Plane low, Plane high) {
        bodies.add(new Body(stair.stair().id(), Content.NO_PLY, material, Does.CARRIES, ring, low, high));
    }

    private void tread(Tread t) {
        double top = stair.levelMm(t.number());
        double thick = t.of() == Of.LANDING ? LANDING_MM : make.treadMm();
        add(t.ring(), Plane.level(top - thick), Plane.level(top));
    }

    /** Each stands behind the nosing, on the tread below. */
    private void risers() {
        double rise = stair.plan().sum().riserMm();
        for (Riser r : stair.plan().risers()) {
            double top = stair.levelMm(r.number());
            Vec on = r.right().minus(r.left()).left().unit();
            Vec back = on.times(make.nosingMm()), behind = on.times(make.nosingMm() + make.riserMm());
            List<Vec> ring = List.of(
                    r.right().plus(back),
                    r.right().plus(behind),
                    r.left().plus(behind),
                    r.left().plus(back));
            add(ring, Plane.level(top - rise), Plane.level(top - make.treadMm()));
        }
    }

    private void strings(Flight f) {
        if (make.stringMm() == 0 || make.stringDepthMm() == 0 || f.risers() < 2) return;
        double slope = stair.plan().sum().riserMm() / stair.plan().sum().goingMm();
        double upright = Math.hypot(1, slope);
        double w = stair.stair().widthMm();
        double nosing = stair.levelMm(f.first());
        boolean cut = make.strings() == StairMake.Strings.CUT;
        double top = nosing + (cut ? -make.treadMm() - stair.plan().sum().riserMm() : MARGIN_MM * upright);
        double bottom = nosing - underMm(stair);
        double floor = stair.levelMm(f.first() - 1);
        double onFloor = f.first() == 1 ? Math.min(f.lengthMm(), Math.max(0, (floor - bottom) / slope)) : 0;
        for (double across : new double[] {0, w - make.stringMm()}) {
            Plane under = Plane.rising(f.at(0, across), bottom, f.direction(), slope);
            Plane over = Plane.rising(f.at(0, across), top, f.direction(), slope);
            string(f, 0, onFloor, across, Plane.level(floor), over);
            string(f, onFloor, f.lengthMm(), across, under, over);
        }
    }

    /** A stretch of a string; at its foot it is cut where it meets the floor. */
    private void string(Flight f, double from, double to, double across, Plane low, Plane high) {
        double start = Math.max(from, low.isLevel() ? from + aboveFloor(f, from, across, low, high) : from);
        if (to - start < 1) return;
        add(
                List.of(
                        f.at(start, across + make.stringMm()),
                        f.at(to, across + make.stringMm()),
                        f.at(to, across),
                        f.at(start, across)),
                low,
                high);
    }

    /** How far along the upper edge of a cut string comes out of the floor. */
    private double aboveFloor(Flight f, double from, double across, Plane low, Plane high) {
        double under = low.at(f.at(from, across)) - high.at(f.at(from, across));
        double slope = stair.plan().sum().riserMm() / stair.plan().sum().goingMm();
        return Math.max(0, under / slope);
    }

    /** Along a flight; with balusters where no wall stands beside it. */
    private void rails(Flight f, Building building) {
        if (f.lengthMm() < 1) return;
        double slope = stair.plan().sum().riserMm() / stair.plan().sum().goingMm();
        double w = stair.stair().widthMm(), in = stair.railInMm();
        for (double across : stair.railsAt(in, w - in)) {
            Vec from = f.at(0, across), to = f.at(f.lengthMm(), across);
            double top = stair.levelMm(f.first()) + make.railMm();
            Railing railing =
                    new Railing(from, to, Plane.rising(from, top, f.direction(), slope), Railing.clearMm(stair));
            boolean first = across < w / 2;
            Vec edge = f.at(f.lengthMm() / 2, first ? 0 : w), inner = f.at(f.lengthMm() / 2, w / 2);
            if (BesideStair.isWall(edge, edge.minus(inner).unit(), stair, building)) add(railing.rail());
            else
                railing(
                        railing,
                        along -> stair.levelMm(f.first()
                                + (int) Math.min(
                                        f.risers() - 1.0,
                                        along / stair.plan().sum().goingMm())));
        }
    }

    /** Round a turn, in the same way. */
    private void rails(TurnRail turn, Building building) {
        for (TurnRail.Stretch s : turn.stretches()) {
            Railing railing = s.railing(Railing.clearMm(stair));
            if (s.isByWall(stair, building)) add(railing.rail());
            else railing(railing, along -> s.footMm());
        }
    }

    private void railing(Railing railing, ToDoubleFunction<Double> foot) {
        add(railing.rail());
        railing.balusters(foot).forEach(this::add);
    }

    private void add(Railing.Piece piece) {
        add(piece.ring(), piece.low(), piece.high());
    }

    private void newels(Building building) {
        List<BuiltStair.Newel> newels = new ArrayList<>(stair.newels());
        newels.addAll(CornerNewels.of(stair, building));
        for (BuiltStair.Newel n : newels)
            add(n.ring(), Plane.level(n.levelMm()), Plane.level(n.railMm() + NEWEL_OVER_MM));
    }
}
