package org.leanlintel.core.model;

/** How a layer of a material resists heat (ISO 6946). */
public sealed interface Heat {

    /** By its thickness. @param lambda design thermal conductivity, W/mK (ISO 10456) */
    record Conducts(double lambda) implements Heat {
        public Conducts {
            lambda = Checks.number("A conductivity", lambda, 0.001, 500, "W/mK");
        }
    }

    /** As a layer of still air, whatever its thickness. @param resistance m2K/W (ISO 6946, table 8) */
    record StillAir(double resistance) implements Heat {
        public StillAir {
            resistance = Checks.number("An air layer's resistance", resistance, 0, 5, "m²K/W");
        }
    }

    /** Not at all: outside air passes, so neither it nor what lies outside it counts (ISO 6946, 6.9.4). */
    record Ventilated() implements Heat {}

    /** Nobody has said. */
    record Unstated() implements Heat {}
}
