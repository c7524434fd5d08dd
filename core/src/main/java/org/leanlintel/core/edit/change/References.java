package org.leanlintel.core.edit.change;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Clause;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Framing;
import org.leanlintel.core.model.HeatRule;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.OnLayer;
import org.leanlintel.core.model.OnStorey;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.OwnPart;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Ruled;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.Worded;

/** Which elements an element refers to, and whether a model holds them all. */
public final class References {

    /** A reference to an element that must be of a kind. */
    private record Reference(ElementId to, Class<? extends Element> kind) {}

    private References() {}

    /** The first element of {@code model} that refers to something that is not there; null if none does. */
    public static @Nullable Refusal dangling(Model model) {
        for (Element e : model.elements()) if (missing(model, e) instanceof Refusal refusal) return refusal;
        return null;
    }

    /** The same, after {@code change}: what was put must find what it refers to, and nothing may refer to what went. */
    public static @Nullable Refusal dangling(Model next, Change change) {
        for (Element e : change.after()) if (missing(next, e) instanceof Refusal refusal) return refusal;
        Map<ElementId, Element> gone = new HashMap<>();
        for (Element e : change.before()) if (next.find(e.id()) == null) gone.put(e.id(), e);
        return gone.isEmpty() ? null : stillUsed(next, gone);
    }

    private static @Nullable Refusal stillUsed(Model next, Map<ElementId, Element> gone) {
        for (Element e : next.elements()) {
            for (Reference r : of(e)) {
                if (gone.get(r.to) instanceof Element used)
                    return Refusal.because(
                            "%s is still used by %s.".formatted(Naming.atStart(used), Naming.of(e)), e.id());
            }
        }
        return null;
    }

    private static @Nullable Refusal missing(Model model, Element element) {
        for (Reference r : of(element)) {
            if (model.find(r.to, r.kind) == null) {
                return Refusal.because(
                        "%s refers to the %s \"%s\", which is not in the project."
                                .formatted(Naming.of(element), words(r.kind), r.to),
                        element.id());
            }
        }
        return null;
    }

    /** What elements of a kind are called: "section line". */
    private static String words(Class<?> kind) {
        return kind.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", " ").toLowerCase(Locale.ROOT);
    }

    /** Every element that one refers to. */
    public static List<ElementId> to(Element element) {
        return of(element).stream().map(r -> r.to).toList();
    }

    private static List<Reference> of(Element element) {
        List<Reference> found = new ArrayList<>();
        if (element instanceof OnStorey on) add(found, on.storey(), Storey.class);
        if (element instanceof OnLayer on) add(found, on.layer(), Layer.class);
        if (element instanceof Worded worded)
            worded.words().own().forEach(in -> add(found, in.drawing(), Drawing.class));
        switch (element) {
            case Wall w -> {
                add(found, w.buildUp(), BuildUp.class);
                ofEnd(w.start(), found);
                ofEnd(w.end(), found);
            }
            case Corner c -> {
                if (c.meeting() instanceof Meeting.Through through) add(found, through.wall(), Wall.class);
            }
            case Opening o -> {
                add(found, o.wall(), Wall.class);
            }
            case WallPiece p -> {
                add(found, p.wall(), Wall.class);
                switch (p.make()) {
                    case WallPiece.Lined l -> l.plies().forEach(ply -> ofPly(ply, found));
                    case WallPiece.Niche n -> {}
                    case WallPiece.Solid s -> ofMass(s, found);
                    case WallPiece.Built b -> ofMass(b, found);
                    case WallPiece.Boxed b -> ofMass(b, found);
                }
            }
            case Post p -> {
                ofMass(p.make(), found);
            }
            case Room r -> {
                if (r.ceilingBuildUp() instanceof ElementId of) add(found, of, BuildUp.class);
            }
            case RoomLimit l -> {}
            case ConstructionLine l -> {}
            case Fitting f -> {
                add(found, f.symbol(), Symbol.class);
                if (f.seat() instanceof Fitting.OnWall seat) add(found, seat.wall(), Wall.class);
            }
            case Symbol s -> {}
            case Rules r -> {}
            case Site s -> {}
            case Floor f -> {
                add(found, f.buildUp(), BuildUp.class);
            }
            case FloorVoid v -> {}
            case Truss t -> add(found, t.roof(), Roof.class);
            case Footing f -> {
                add(found, f.material(), Material.class);
                if (f.rising() instanceof Footing.Stem s) add(found, s.material(), Material.class);
                switch (f.under()) {
                    case Footing.UnderShell s -> {}
                    case Footing.UnderWall w -> add(found, w.wall(), Wall.class);
                    case Footing.UnderPost p -> add(found, p.post(), Post.class);
                }
            }
            case RoofPart p -> {
                add(found, p.roof(), Roof.class);
                if (p.material() instanceof ElementId of) add(found, of, Material.class);
            }
            case Roof r -> {
                add(found, r.buildUp(), BuildUp.class);
                add(found, r.trim().material(), Material.class);
                add(found, r.trim().gutterOf(), Material.class);
                add(found, r.trim().flashingOf(), Material.class);
                if (r.under() instanceof Roof.LevelCeiling c) add(found, c.buildUp(), BuildUp.class);
            }
            case Stair s -> {
                add(found, s.make().material(), Material.class);
            }
            case SectionLine l -> {}
            case OutsideSteps s -> {
                add(found, s.opening(), Opening.class);
                add(found, s.material(), Material.class);
            }
            case Tracing t -> {}
            case KeptGap k -> {
                add(found, k.gap().wall(), Wall.class);
                add(found, k.gap().other(), Wall.class);
            }
            case BuildUp b -> b.plies().forEach(p -> ofPly(p, found));
            case DimensionString s -> {
                add(found, s.drawing(), Drawing.class);
                s.holds().forEach(h -> ofHold(h, found));
                s.own().forEach(o -> ofOwn(o, found));
                if (s.styled() instanceof DimensionString.InStyle in) add(found, in.style(), StringStyle.class);
            }
            case Dimension d -> {
                add(found, d.drawing(), Drawing.class);
                d.holds().forEach(h -> ofHold(h, found));
            }
            case Ruled r -> {}
            case SpotLevel l -> {}
            case KeyMark m -> {
                add(found, m.drawing(), Drawing.class);
                add(found, m.clause(), Clause.class);
                m.leaders().targets().forEach(t -> ofTarget(t, found));
            }
            case Blank b -> {}
            case Cloud c -> {}
            case Sign s -> add(found, s.drawing(), Drawing.class);
            case Note n -> {
                add(found, n.drawing(), Drawing.class);
                add(found, n.style(), LetterStyle.class);
                n.leaders().targets().forEach(t -> ofTarget(t, found));
            }
            case Drawing d -> {
                add(found, d.lens(), Lens.class);
                if (d.subject() instanceof Drawing.One one)
                    add(
                            found,
                            one.element(),
                            switch (d.kind()) {
                                case STAIR -> Stair.class;
                                case INTERIOR -> Room.class;
                                case TRUSS -> Truss.class;
                                default -> SectionLine.class;
                            });
                if (d.subject() instanceof Drawing.Written w) add(found, w.style(), LetterStyle.class);
                d.also().forEach(other -> add(found, other, Drawing.class));
            }
            case Sheet s -> s.drawings().forEach(p -> add(found, p.drawing(), Drawing.class));
            case Lens l -> {
                l.layers().forEach(of -> add(found, of.layer(), Layer.class));
                add(found, l.strings(), StringStyle.class);
            }
            case Settings s -> add(found, s.titleBlock(), TitleBlock.class);
            case TitleBlock b -> b.symbols().forEach(id -> add(found, id, Symbol.class));
            case HeatRule h -> {}
            case Storey s -> {
                if (s.floor() instanceof Storey.Built b) add(found, b.buildUp(), BuildUp.class);
            }
            case Layer l -> {}
            case StringStyle s -> {}
            case LetterStyle s -> {}
            case Clause c -> {}
            case Material m -> {}
        }
        return found;
    }

    private static void add(List<Reference> found, ElementId to, Class<? extends Element> kind) {
        found.add(new Reference(to, kind));
    }

    private static void ofMass(WallPiece.Mass mass, List<Reference> found) {
        switch (mass) {
            case WallPiece.Solid s -> add(found, s.material(), Material.class);
            case WallPiece.Built b -> add(found, b.buildUp(), BuildUp.class);
            case WallPiece.Boxed b -> add(found, b.material(), Material.class);
        }
    }

    private static void ofPly(Ply ply, List<Reference> found) {
        add(found, ply.material(), Material.class);
        switch (ply.framing()) {
            case Framing.Solid s -> {}
            case Framing.Timbers t -> add(found, t.material(), Material.class);
            case Framing.Joints j -> add(found, j.material(), Material.class);
        }
    }

    private static void ofEnd(WallEnd end, List<Reference> found) {
        switch (end) {
            case WallEnd.AtCorner c -> add(found, c.corner(), Corner.class);
            case WallEnd.OnSide s -> add(found, s.wall(), Wall.class);
        }
    }

    private static void ofOwn(OwnPart own, List<Reference> found) {
        switch (own) {
            case OwnPart.Reach r -> ofHold(r.point(), found);
            case OwnPart.Figure f -> {
                ofHold(f.from(), found);
                ofHold(f.to(), found);
            }
        }
    }

    private static void ofTarget(Target target, List<Reference> found) {
        switch (target) {
            case Target.AtPlace p -> {}
            case Target.Lost l -> {}
            case Target.InPly p -> add(found, p.wall(), Wall.class);
            case Target.OnThing t -> add(found, t.thing(), Element.class);
            case Target.OnSeen s -> add(found, s.thing(), Element.class);
        }
    }

    private static void ofHold(Hold hold, List<Reference> found) {
        switch (hold) {
            case Hold.AtPoint p -> {}
            case Hold.Lost l -> {}
            case Hold.AtCorner c -> add(found, c.corner(), Corner.class);
            case Hold.OnFace f -> add(found, f.wall(), Wall.class);
            case Hold.OnPiece p -> add(found, p.piece(), Element.class);
            case Hold.AtJamb j -> add(found, j.opening(), Opening.class);
            case Hold.AtCentre c -> add(found, c.opening(), Opening.class);
            case Hold.OnFitting f -> add(found, f.fitting(), Fitting.class);
            case Hold.AtFittingCorner f -> add(found, f.fitting(), Fitting.class);
            case Hold.AtRiser r -> add(found, r.stair(), Stair.class);
            case Hold.BesideFlight b -> add(found, b.stair(), Stair.class);
            case Hold.OnGrid g -> add(found, g.line(), Ruled.class);
            case Hold.AtLevel l -> add(found, l.of(), Element.class);
        }
    }
}
