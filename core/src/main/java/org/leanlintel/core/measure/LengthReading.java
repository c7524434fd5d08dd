package org.leanlintel.core.measure;

/** What a typed length was read as. */
public sealed interface LengthReading {

    /** One clear meaning, in millimetres. */
    record Read(double mm) implements LengthReading {}

    /** Two possible meanings, in millimetres: accepting without choosing takes {@code firstMm}. */
    record Asks(double firstMm, double secondMm) implements LengthReading {}

    /** No meaning; {@code reason} is a sentence for the person who typed it. */
    record Unreadable(String reason) implements LengthReading {}
}
