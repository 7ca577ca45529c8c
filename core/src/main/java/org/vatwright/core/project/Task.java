package org.vatwright.core.project;

import java.util.Optional;

import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Require;

/** What a job makes, each kind with what it needs. */
public sealed interface Task {

    /** @return the design or the article it is made of */
    Id subject();

    /** @return its kind, as in files */
    String kind();

    /** The tile of a design. */
    record Tile(Id subject, String colourway) implements Task {
        @Override
        public String kind() {
            return "tile";
        }
    }

    /** A stretch of a design at true size. */
    record Field(Id subject, String colourway, double widthMm, double heightMm) implements Task {
        public static final double USUAL_MM = 1000;

        public Field {
            Require.within("field width", widthMm, 0.1, 1e6, "mm");
            Require.within("field height", heightMm, 0.1, 1e6, "mm");
        }

        @Override
        public String kind() {
            return "field";
        }
    }

    /** An article as it is dressed. @param colourway that all lays wear; empty for each its own */
    record Dressed(Id subject, Optional<String> colourway) implements Task {
        @Override
        public String kind() {
            return "article";
        }
    }

    /** @return the design it needs, when it is made of one */
    default Optional<Id> design() {
        return switch (this) {
            case Tile(Id design, String _) -> Optional.of(design);
            case Field(Id design, String _, double _, double _) -> Optional.of(design);
            case Dressed _ -> Optional.empty();
        };
    }

    /** @return the colourway it is made in; none where each lay wears its own */
    default Optional<String> worn() {
        return switch (this) {
            case Tile(Id _, String colourway) -> Optional.of(colourway);
            case Field(Id _, String colourway, double _, double _) -> Optional.of(colourway);
            case Dressed(Id _, Optional<String> colourway) -> colourway;
        };
    }

    /** @return the same of another design or article */
    default Task of(Id other) {
        return switch (this) {
            case Tile t -> new Tile(other, t.colourway);
            case Field f -> new Field(other, f.colourway, f.widthMm, f.heightMm);
            case Dressed d -> new Dressed(other, d.colourway);
        };
    }

    /** @return the same in another colourway; of an article none leaves each lay its own */
    default Task in(Optional<String> other) {
        return switch (this) {
            case Tile t -> new Tile(t.subject, other.orElse(t.colourway));
            case Field f -> new Field(f.subject, other.orElse(f.colourway), f.widthMm, f.heightMm);
            case Dressed d -> new Dressed(d.subject, other);
        };
    }
}
