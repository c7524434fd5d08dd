package org.leanlintel.core.measure;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads a typed length: plain numbers, units, feet and inches with fractions, and sums.
 *
 * <p>Never throws for any text. A number with a comma or point and exactly three digits behind it ({@code 3,200}) may
 * be a thousand or a decimal, so both readings are given, the thousand first. In a feet-and-inches project {@code -}
 * and {@code /} are sums only with spaces round them, since {@code 12-6} is 12 ft 6 in and {@code 1/2} is half an inch.
 * The page reads by the same table ({@code readings.tsv} of the tests): a change here is a change there.
 */
public final class LengthReader {

    private static final String NUMBER = "(?:\\d+(?:[.,]\\d+)*|[.,]\\d+)";
    private static final String INCHES =
            "(?:(?<whole>\\d+)[ -](?<num>\\d+)/(?<den>\\d+)" + "|(?<num2>\\d+)/(?<den2>\\d+)|(?<plain>" + NUMBER + "))";
    private static final String INCH_MARK = " ?(?:\"|in(?:ch(?:es)?)?(?![a-z]))";
    private static final String FOOT_MARK = " ?(?:'(?!')|(?:ft|feet|foot)(?![a-z]))";

    private static final Pattern FEET_AND_INCHES = Pattern.compile(
            "(?<feet>" + NUMBER + ")" + FOOT_MARK + "(?:(?:-(?! )| ?)" + INCHES + "(?:" + INCH_MARK + ")?)?");
    private static final Pattern HYPHENED = Pattern.compile("(?<feet>\\d+)-" + INCHES + "(?<mark>" + INCH_MARK + ")?");
    private static final Pattern MARKED_INCHES = Pattern.compile(INCHES + INCH_MARK);
    private static final Pattern BARE_INCHES = Pattern.compile(INCHES);
    private static final Pattern METRIC = Pattern.compile("(?<n>" + NUMBER + ") ?(?<unit>mm|cm|m)\\b");
    private static final Pattern BARE = Pattern.compile(NUMBER);
    private static final Pattern TIGHT_OPERATOR = Pattern.compile(" ?([+*/-]) ?");
    private static final Pattern SPACED_OPERATOR = Pattern.compile(" ?([+*]) ?| ([/-]) ");
    private static final Pattern FRACTION = Pattern.compile("(?<whole>\\d+[ -])?(?<num>\\d+)/(?<den>\\d+)");
    private static final Pattern SPACE =
            Pattern.compile("[\\t-\\r \u00A0\u1680\u2000-\u200A\u2028\u2029\u202F\u205F\u3000\uFEFF]+");
    private static final int LONGEST = 120;

    /** More than any level above the sea, let alone a house. */
    private static final double LARGEST_MM = 1e7;

    /** What is said of a text no hand types: reading it would only cost time. */
    static final String TOO_LONG = "That is too long to be a length: type at most " + LONGEST + " characters.";

    private static final double MM_PER_FOOT = 12 * UnitSystem.MM_PER_INCH;

    private final String text;
    private final UnitSystem units;
    private final boolean decimalFirst;
    private int at;
    private boolean ambiguous;

    private LengthReader(String text, UnitSystem units, boolean decimalFirst) {
        this.text = text;
        this.units = units;
        this.decimalFirst = decimalFirst;
    }

    /** Reads {@code typed} as a length in a project of {@code units}. */
    public static LengthReading read(String typed, UnitSystem units) {
        String text = tidy(typed);
        if (text.isEmpty()) return new LengthReading.Unreadable("Type a length.");
        if (isTooLong(text)) return new LengthReading.Unreadable(TOO_LONG);
        try {
            LengthReader reader = new LengthReader(text, units, false);
            double first = reader.whole();
            if (!reader.ambiguous) return new LengthReading.Read(first);
            return new LengthReading.Asks(first, new LengthReader(text, units, true).whole());
        } catch (Refused refused) {
            return new LengthReading.Unreadable(refused.reason);
        }
    }

    /** With single spaces, none at the ends, in small letters; what is far too long to be read is left as it is. */
    static String spaced(String typed) {
        return SPACE.matcher(typed).replaceAll(" ").strip().toLowerCase(Locale.ROOT);
    }

    static boolean isTooLong(String text) {
        return text.length() > LONGEST;
    }

    private static String tidy(String typed) {
        String plain = typed.replaceAll("[\u2032\u2019\u2018\u00B4`]", "'")
                .replaceAll("[\u2033\u201D\u201C]", "\"")
                .replace('\u2212', '-')
                .replaceAll("(\\d)\u00BD", "$1 1/2")
                .replace("\u00BD", "1/2")
                .replaceAll("(\\d)\u00BC", "$1 1/4")
                .replace("\u00BC", "1/4")
                .replaceAll("(\\d)\u00BE", "$1 3/4")
                .replace("\u00BE", "3/4");
        return spaced(plain);
    }

    private double whole() {
        boolean negative = text.startsWith("-");
        if (negative) at = text.startsWith("- ") ? 2 : 1;
        double mm = sum();
        if (at < text.length()) throw refused(at);
        if (!(Math.abs(mm) <= LARGEST_MM)) throw new Refused("That is too large to be a length: at most 10 km.");
        return (negative ? -1 : 1) * withoutDust(mm) + 0.0;
    }

    /** To a millionth of a millimetre, so that 12'6 1/2" is 3822.7 and not a hair less. */
    private static double withoutDust(double mm) {
        return Math.abs(mm) < 1e9 ? Math.rint(mm * 1e6) / 1e6 : mm;
    }

    /** A sign before the whole text turns the first part about, not the sum: -300+50 is -250. */
    private double sum() {
        boolean negative = at > 0;
        double total = asLength(product());
        for (char operator = operator("+-"); operator != 0; operator = operator("+-")) {
            double next = asLength(product());
            total += (operator == '+') != negative ? next : -next;
        }
        return total;
    }

    private Part product() {
        Part part = literal();
        for (char operator = operator("*/"); operator != 0; operator = operator("*/")) {
            Part next = literal();
            part = operator == '*' ? part.times(next) : part.over(next);
        }
        return part;
    }

    private double asLength(Part part) {
        return part.bare ? part.value * units.mmPerBareUnit() : part.value;
    }

    private char operator(String wanted) {
        Matcher m = matchHere(units == UnitSystem.METRIC ? TIGHT_OPERATOR : SPACED_OPERATOR);
        if (m == null) return 0;
        String found = m.group(1) != null ? m.group(1) : m.group(2);
        if (!wanted.contains(found)) return 0;
        at = m.end();
        return found.charAt(0);
    }

    private Part literal() {
        int from = at;
        Matcher m;
        if ((m = take(FEET_AND_INCHES)) != null) return feetAndInches(m, hasInches(m));
        if ((m = matchHere(HYPHENED)) != null && isFeetHyphenInches(m)) {
            at = m.end();
            return feetAndInches(m, true);
        }
        if ((m = take(MARKED_INCHES)) != null) return new Part(inches(m) * UnitSystem.MM_PER_INCH, false);
        if ((m = take(METRIC)) != null) return new Part(number(m.group("n")) * mmPer(m.group("unit")), false);
        if (units == UnitSystem.FEET_INCHES) {
            if ((m = take(BARE_INCHES)) != null) return new Part(inches(m), true);
        } else {
            if ((m = matchHere(FRACTION)) != null) refuseFraction(m);
            if ((m = take(BARE)) != null) return new Part(number(m.group()), true);
        }
        throw refused(from);
    }

    private static boolean hasInches(Matcher m) {
        return m.group("plain") != null || m.group("num2") != null || m.group("whole") != null;
    }

    /** {@code 12-6} and {@code 12-6 1/2} are feet and inches; {@code 6-1/2} is six and a half inches. */
    private boolean isFeetHyphenInches(Matcher m) {
        if (m.group("num2") != null) return false;
        return units == UnitSystem.FEET_INCHES || m.group("whole") != null || m.group("mark") != null;
    }

    private Part feetAndInches(Matcher m, boolean withInches) {
        double inches = withInches ? inches(m) : 0;
        if (withInches && inches >= 12) {
            throw new Refused(
                    "The inches after the feet must be under 12. For a difference, put spaces round the minus.");
        }
        return new Part(number(m.group("feet")) * MM_PER_FOOT + inches * UnitSystem.MM_PER_INCH, false);
    }

    private double inches(Matcher m) {
        if (m.group("whole") != null)
            return Double.parseDouble(m.group("whole")) + fraction(m.group("num"), m.group("den"));
        if (m.group("num2") != null) return fraction(m.group("num2"), m.group("den2"));
        return number(m.group("plain"));
    }

    private static double fraction(String numerator, String denominator) {
        double den = Double.parseDouble(denominator);
        if (den == 0) throw new Refused("A fraction cannot have 0 under the line.");
        if (den > 64) throw new Refused("%s/%s: inches are divided down to 1/64.".formatted(numerator, denominator));
        return Double.parseDouble(numerator) / den;
    }

    /** Less than one of nothing said: half an inch whose mark was forgotten, or a division that lost its length. */
    private static void refuseFraction(Matcher m) {
        if (toLong(m.group("num")) >= toLong(m.group("den"))) return;
        String fraction = m.group();
        if (m.group("den").matches("2|4|8|16|32|64"))
            throw new Refused(
                    "%s of what? For inches write %s\"; millimetres are written as 0.5.".formatted(fraction, fraction));
        if (m.group("whole") == null)
            throw new Refused("%s is less than a millimetre: type the length to be divided first, as in 4000/200."
                    .formatted(fraction));
    }

    private static long toLong(String digits) {
        return Long.parseLong(digits.length() > 9 ? "999999999" : digits);
    }

    private static double mmPer(String unit) {
        return switch (unit) {
            case "mm" -> 1;
            case "cm" -> 10;
            default -> 1000;
        };
    }

    /** One number, its comma or point read as thousands or as a decimal. */
    private double number(String digits) {
        if (digits.matches("[1-9]\\d{0,2}[.,]\\d{3}")) {
            ambiguous = true;
            return Double.parseDouble(decimalFirst ? digits.replace(',', '.') : digits.replaceAll("[.,]", ""));
        }
        if (digits.matches("[1-9]\\d{0,2}(?:,\\d{3}){2,}|[1-9]\\d{0,2}(?:\\.\\d{3}){2,}")) {
            return Double.parseDouble(digits.replaceAll("[.,]", ""));
        }
        String decimal = digits.replace(',', '.');
        if (decimal.indexOf('.') != decimal.lastIndexOf('.')) {
            throw new Refused("\"%s\" has more than one decimal point.".formatted(digits));
        }
        return Double.parseDouble(decimal);
    }

    private @Nullable Matcher matchHere(Pattern pattern) {
        Matcher m = pattern.matcher(text).region(at, text.length()).useTransparentBounds(true);
        return m.lookingAt() ? m : null;
    }

    private @Nullable Matcher take(Pattern pattern) {
        Matcher m = matchHere(pattern);
        if (m != null) at = m.end();
        return m;
    }

    private Refused refused(int from) {
        String rest = text.substring(from).strip();
        if (rest.startsWith("''") || text.contains("''")) {
            return new Refused("Two foot marks: write 12\" for inches or 12' for feet.");
        }
        if (rest.isEmpty()) return new Refused("Something is missing after \"%s\".".formatted(text));
        return new Refused("\"%s\" is not part of a length. Try 3200, 3.2 m or 12'6 1/2\".".formatted(rest));
    }

    /** A value with a unit (mm), or a bare number whose unit is still open. */
    private record Part(double value, boolean bare) {

        Part times(Part other) {
            if (!bare && !other.bare) throw new Refused("A length times a length is an area, not a length.");
            return new Part(value * other.value, bare && other.bare);
        }

        Part over(Part other) {
            if (!other.bare) throw new Refused("A length can be divided by a number, not by a length.");
            if (other.value == 0) throw new Refused("Nothing can be divided by 0.");
            return new Part(value / other.value, bare);
        }
    }

    private static final class Refused extends RuntimeException {

        private final String reason;

        Refused(String reason) {
            super(reason, null, false, false);
            this.reason = reason;
        }
    }
}
