package org.vatwright.core.picture;

import java.util.List;
import java.util.Locale;

import org.vatwright.core.measure.Require;

/**
 * One step by which a cut-out is made.
 *
 * @param how it comes to what the steps before it made
 */
public record CutShape(How how, Form form) {

    /** How a step comes to what is there. */
    public enum How {
        ADD, SUBTRACT, INTERSECT;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What is taken, in shares of the whole picture's sides from its upper left. */
    public sealed interface Form {

        record Rectangle(double left, double top, double right, double bottom) implements Form {
            public Rectangle {
                sides(left, top, right, bottom);
            }
        }

        record Ellipse(double left, double top, double right, double bottom) implements Form {
            public Ellipse {
                sides(left, top, right, bottom);
            }
        }

        /** A closed line through points. @param at x and y in turn, 3 to 20,000 points */
        record Outline(List<Double> at) implements Form {
            public Outline {
                at = List.copyOf(at);
                Require.that(at.size() % 2 == 0, "an outline has a place across without one down");
                Require.within("points of an outline", at.size() / 2, 3, 20_000);
                at.forEach(Form::share);
            }
        }

        /**
         * What is like the colour of a place.
         *
         * @param within CIEDE2000 difference, 0 to 100
         * @param joined whether it must hang together with the place
         */
        record Like(double x, double y, double within, boolean joined) implements Form {
            public Like {
                share(x);
                share(y);
                Require.within("likeness", within, 0, 100, "");
            }
        }

        private static void share(double value) {
            Require.within("place in a picture", 100 * value, -100, 200, "%");
        }

        private static void sides(double left, double top, double right, double bottom) {
            share(left);
            share(top);
            share(right);
            share(bottom);
            Require.that(right > left && bottom > top, "a part of a picture needs two different sides each way");
        }
    }
}
