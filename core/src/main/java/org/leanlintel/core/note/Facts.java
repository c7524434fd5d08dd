package org.leanlintel.core.note;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.BuiltTruss;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.heat.HeatLoss;
import org.leanlintel.core.heat.UValue;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Marked;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Ruled;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;

/** What can be said of what a leader points at, each by the name of its field, in the order it is offered. */
public final class Facts {

    private final Building building;
    private final Model model;
    private final LengthPrinter lengths;
    private final Map<String, String> facts = new LinkedHashMap<>();

    private Facts(Building building) {
        this.building = building;
        model = building.model();
        lengths = LengthPrinter.ofScreen(model.settings().units());
    }

    /** None where it points at a bare place. */
    public static Map<String, String> of(Target target, Building building) {
        Facts facts = new Facts(building);
        ElementId thing = Pointed.thing(target);
        if (thing == null || !(building.model().find(thing) instanceof Element element)) return Map.of();
        if (target instanceof Target.InPly in) facts.ply(in);
        facts.of(element);
        return facts.facts;
    }

    private void ply(Target.InPly in) {
        if (!(model.find(in.wall()) instanceof Wall wall)) return;
        BuildUp buildUp = model.get(wall.buildUp(), BuildUp.class);
        if (in.ply() >= buildUp.plies().size()) return;
        Ply ply = buildUp.plies().get(in.ply());
        says("ply", words(ply));
        says("material", model.get(ply.material(), Material.class).name());
        says("ply thickness", lengths.print(ply.thicknessMm()));
    }

    private void of(Element element) {
        if (element instanceof Marked m) says("mark", m.mark());
        switch (element) {
            case Wall w -> {
                madeOf(model.get(w.buildUp(), BuildUp.class));
                facing(model.get(w.buildUp(), BuildUp.class));
            }
            case Floor f -> {
                madeOf(model.get(f.buildUp(), BuildUp.class));
                says("level", lengths.print(building.space(f.storey()).levelMm() + f.stepMm()));
            }
            case Opening o -> opening(o);
            case Fitting f -> {
                says("name", model.get(f.symbol(), Symbol.class).name());
                says("width", lengths.print(f.widthMm()));
                says("depth", lengths.print(f.depthMm()));
            }
            case Post p -> {
                says("width", lengths.print(p.widthMm()));
                says("depth", lengths.print(p.depthMm()));
            }
            case Room r -> room(r);
            case Stair s -> stair(s);
            case WallPiece p -> {}
            case FloorVoid v -> {}
            case Truss t -> {
                says("shape", t.words());
                says("spacing", lengths.print(t.spacingMm()));
                if (building.get(new BuiltTruss.Of(t.id())) instanceof BuiltTruss built) {
                    says("count", Integer.toString(built.at().size()));
                    says("span", lengths.print(built.shape().sum().spanMm()));
                }
            }
            case Footing f -> {
                says("width", lengths.print(f.widthMm()));
                says("thickness", lengths.print(f.depthMm()));
                says("material", model.get(f.material(), Material.class).name());
                says("underside level", lengths.print(building.space(f.storey()).levelMm() + f.undersideMm()));
            }
            case SpotLevel l -> {
                says("existing level", lengths.print(l.existingMm()));
                says("finished level", lengths.print(l.finishedMm()));
            }
            case RoofPart p -> {
                says("width", lengths.print(p.widthMm()));
                says("length", lengths.print(p.lengthMm()));
                if (p.material() instanceof ElementId of)
                    says("facing", model.get(of, Material.class).name());
            }
            case Roof r -> roof(r);
            case OutsideSteps s -> {
                says("width", lengths.print(s.widthMm()));
                says("facing", model.get(s.material(), Material.class).name());
            }
            case RoomLimit l -> {}
            case Ruled r -> {}
            case ConstructionLine l -> {}
            case SectionLine l -> {}
            case Annotation a -> {}
            case Corner c -> {}
            case Tracing t -> {}
            case Element.Apart a -> {}
        }
    }

    private void roof(Roof roof) {
        madeOf(model.get(roof.buildUp(), BuildUp.class));
        facing(model.get(roof.buildUp(), BuildUp.class));
        says("pitch", roof.usual().words());
        if (!(building.get(new BuiltRoof.Of(roof.id())) instanceof BuiltRoof built) || built.shape() == null) return;
        says("plate level", lengths.print(built.plateMm()));
        says("ridge level", lengths.print(built.ridgeMm()));
    }

    /** The material of the outermost ply. */
    private void facing(BuildUp buildUp) {
        says(
                "facing",
                model.get(buildUp.plies().getFirst().material(), Material.class).name());
    }

    private void madeOf(BuildUp buildUp) {
        says("build-up", buildUp.name());
        says("build-up mark", buildUp.mark());
        says("thickness", lengths.print(buildUp.thicknessMm()));
        says(
                "plies",
                String.join("\n", buildUp.downwards().stream().map(this::words).toList()));
        if (UValue.of(buildUp, model) instanceof HeatLoss.Worked w && metric())
            says("U-value", String.format(Locale.ROOT, "%.2f W/m\u00b2K", w.uValue()));
        says("fire", buildUp.fire());
        says("sound", buildUp.sound());
    }

    private String words(Ply ply) {
        String words = PlyWords.madeOf(ply, model);
        return ply.does() == Does.SHEET ? words : lengths.print(ply.thicknessMm()) + (metric() ? " mm " : " ") + words;
    }

    private boolean metric() {
        return model.settings().units() == UnitSystem.METRIC;
    }

    private void opening(Opening o) {
        says("width", lengths.print(o.widthMm()));
        says("height", lengths.print(o.heightMm()));
        says("sill", lengths.print(o.sillMm()));
        says("head", lengths.print(o.headMm()));
        says("type", o.typeMark());
    }

    private void room(Room r) {
        says("name", r.name());
        says("number", r.number());
        RoomSpace space = Rooms.in(building).of(r);
        if (space != null)
            says("area", AreaPrinter.print(space.net().mm2(), model.settings().units()));
        if (!r.isOpenToSky()) says("ceiling", lengths.print(r.ceilingMm(building.space(r.storey()))));
        says("floor finish", r.finishes().floor());
        says("wall finish", r.finishes().walls());
        says("ceiling finish", r.finishes().ceiling());
    }

    private void stair(Stair s) {
        says("width", lengths.print(s.widthMm()));
        if (!(building.get(new BuiltStair.Of(s.id())) instanceof BuiltStair built)) return;
        says("risers", Integer.toString(built.plan().sum().risers()));
        says("riser", lengths.print(built.plan().sum().riserMm()));
        says("going", lengths.print(built.plan().sum().goingMm()));
    }

    /** What nobody has stated is no fact. */
    private void says(String field, String value) {
        if (!value.isBlank()) facts.put(field, value);
    }
}
