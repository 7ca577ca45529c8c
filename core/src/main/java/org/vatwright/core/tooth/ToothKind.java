package org.vatwright.core.tooth;

import java.util.List;
import java.util.Locale;

import org.vatwright.core.measure.Refusal;

/** What a roughness is like. */
public enum ToothKind {
    /** Specks without a direction. */
    FINE(0.5),
    /** Curved hairs in a main direction. */
    FIBRE(1.0 / 12),
    /** Short hairs in every direction, one over the other. */
    FELT(1.0 / 9),
    /** Cells of one shade each. */
    CRYSTALS(0.75),
    /** Hills upon hills, as of laid pulp. */
    PAPER(0.2),
    /** Long thick places of a thread, straight in one direction. */
    SLUB(1.0 / 28),
    /** Veins bent by hills. */
    MARBLE(0.25),
    /** Soft hills of many sizes. */
    CLOUD(0.25),
    /** Facets at several depths, each catching the light its own way. */
    GLITTER(0.5);

    private final double finest;

    ToothKind(double finest) {
        this.finest = finest;
    }

    /** @return the smallest thing in it, as a share of its size */
    double finest() {
        return finest;
    }

    /** @return whether it looks another way when it is turned */
    public boolean directed() {
        return this == FIBRE || this == SLUB || this == MARBLE || this == GLITTER;
    }

    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static ToothKind parse(String text) {
        for (ToothKind kind : values()) {
            if (kind.words().equals(text.strip().toLowerCase(Locale.ROOT))) {
                return kind;
            }
        }
        throw new Refusal("\"%s\" is no kind of tooth; %s are".formatted(text,
                String.join(", ", List.of(values()).stream().map(ToothKind::words).toList())));
    }
}
