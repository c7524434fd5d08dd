package org.leanlintel.core.edit;

import java.util.List;
import java.util.stream.Stream;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Clause;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementKinds;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.HeatRule;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Marked;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
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
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;

/** What elements are called in sentences and in the names of edits. */
public final class Naming {

    /** The kinds whose marks are counted on together. */
    private static final List<Class<? extends Element>> MARKED = ElementKinds.all().stream()
            .filter(Marked.class::isAssignableFrom)
            .filter(kind -> kind != SectionLine.class)
            .toList();

    /** How much of a clause names it. */
    private static final int LONGEST_CLAUSE = 40;

    private Naming() {}

    public static String of(Element element) {
        return switch (element) {
            case Settings s -> "project settings";
            case HeatRule h -> "surface resistances";
            case Storey s -> "storey " + s.name();
            case Layer l -> "layer " + l.name();
            case Lens l -> "lens " + l.name();
            case TitleBlock b -> "title block " + b.name();
            case StringStyle s -> "string style " + s.name();
            case LetterStyle s -> "letter style " + s.name();
            case Material m -> "material " + m.name();
            case BuildUp b -> "build-up " + b.name();
            case Corner c -> "corner";
            case Wall w -> "wall " + w.mark();
            case Opening o -> o.noun() + " " + o.mark();
            case WallPiece p -> p.noun() + " " + p.mark();
            case Post p -> "post " + p.mark();
            case Room r -> "room " + (r.number().isEmpty() ? r.name() : r.number() + " " + r.name());
            case RoomLimit l -> "room limit";
            case ConstructionLine l -> "construction line";
            case Floor f -> "floor " + f.mark();
            case FloorVoid v -> "void " + v.mark();
            case RoofPart p -> p.noun() + " " + p.mark();
            case Truss t -> "truss " + t.mark();
            case Footing f -> "foundation " + f.mark();
            case Roof r -> "roof " + r.mark();
            case Stair s -> "stair " + s.mark();
            case OutsideSteps s -> "steps " + s.mark();
            case SectionLine l -> "section line " + l.mark();
            case Site s -> "datum and ground";
            case Symbol s -> "symbol " + s.name();
            case Fitting f -> "fitting " + f.mark();
            case Rules r -> "rules " + r.name();
            case KeptGap k -> "kept gap";
            case Tracing t -> "picture \"" + t.name() + "\"";
            case GridLine l -> "grid line " + l.mark();
            case BoundaryLine l -> "side of the plot";
            case SpotLevel l -> "spot level";
            case KeyMark m -> "keyed note";
            case Clause c -> "clause \"" + begins(c.text()) + "\"";
            case Sign s ->
                switch (s.says()) {
                    case NORTH -> "north arrow";
                    case LEVEL -> "level mark";
                    case SCALE -> "scale bar";
                    case ELEVATION -> "mark of an elevation";
                };
            case DimensionString s -> "dimension string";
            case Dimension d ->
                switch (d.of()) {
                    case Dimension.Angle a -> "angle";
                    case Dimension.Radius r -> "radius";
                    case Dimension.ArcLength l -> "length of an arc";
                    case Dimension.Slope s -> "slope";
                    case Dimension.Surface s -> "area";
                };
            case Blank b -> "blank";
            case Cloud c -> "revision cloud";
            case Note n -> "note \"" + begins(n.text()) + "\"";
            case Drawing d -> "drawing " + d.name();
            case Sheet s -> "sheet " + s.number();
        };
    }

    /** The same where a sentence begins with it. */
    public static String atStart(Element element) {
        String name = of(element);
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }

    public static String of(List<? extends Element> elements) {
        return elements.size() == 1 ? of(elements.getFirst()) : elements.size() + " things";
    }

    /** The next free mark of a wall, opening, piece or post with this letter: W13 where W12 is the highest. */
    public static String nextMark(Model model, String letter, int after) {
        return letter + (highestMark(model, letter) + after);
    }

    /** The highest number in use behind a letter: 12 where W12 is the highest; 0 where none is. */
    static int highestMark(Model model, String letter) {
        Stream<String> marks =
                MARKED.stream().flatMap(kind -> model.all(kind).stream()).map(e -> ((Marked) e).mark());
        return highest(marks, letter);
    }

    /** The next free mark of a build-up with this letter, or without one: 17 where 16 is the highest. */
    public static String nextBuildUpMark(Model model, String letter, int after) {
        return letter + (highest(model.all(BuildUp.class).stream().map(BuildUp::mark), letter) + after);
    }

    private static int highest(Stream<String> marks, String letter) {
        return Math.max(
                0, marks.mapToInt(mark -> numberAfter(letter, mark)).max().orElse(0));
    }

    /** The number a mark has after {@code letter}; -1 where it is not of that form. */
    private static int numberAfter(String letter, String mark) {
        int digits = mark.length() - letter.length();
        if (!mark.startsWith(letter) || digits < 1 || digits > 6) return -1;
        int number = 0;
        for (int i = letter.length(); i < mark.length(); i++) {
            if (mark.charAt(i) < '0' || mark.charAt(i) > '9') return -1;
            number = number * 10 + mark.charAt(i) - '0';
        }
        return number;
    }

    private static String begins(String text) {
        String first = text.lines().findFirst().orElse("");
        String begins = first.substring(0, Math.min(first.length(), LONGEST_CLAUSE));
        return begins.length() < text.length() ? begins + "\u2026" : begins;
    }
}
