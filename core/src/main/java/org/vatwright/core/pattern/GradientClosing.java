package org.vatwright.core.pattern;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.repeat.Tile;

/** Whether a gradient closes on the tile and its ends agree, and the ways to have it so. */
public final class GradientClosing {

    private GradientClosing() {}

    /** @return the cheapest first; none when it closes and agrees */
    public static List<Offer> offers(Fill fill, Design design) {
        Fill.OfGradient gradient = fill.gradient().orElseThrow();
        List<Offer> offers = new ArrayList<>();
        Tile tile = design.repeat().tile();
        if (acrossTile(gradient) && !gradient.course().closes(tile.widthMm(), tile.heightMm())) {
            Course drawn = gradient.course().drawn(tile.widthMm(), tile.heightMm());
            offers.add(offer(fill, "gradient-close", "Take it as it is drawn", drawnWords(gradient, tile), 0.1,
                    gradient.withCourse(drawn)));
        }
        if (!gradient.agrees()) {
            offers.add(offer(fill, "gradient-back", "There and back", "each half as long", 0.2,
                    gradient.withCourse(gradient.course().withBack(true))));
            List<Gradient.Stop> stops = new ArrayList<>(gradient.stops());
            Gradient.Stop first = stops.getFirst();
            if (stops.size() < Fill.OfGradient.MOST_STOPS) {
                // Room for the way back to the first ink, as long as one step of the others.
                double room = (double) (stops.size() - 1) / stops.size();
                stops.replaceAll(s -> new Gradient.Stop(s.place() * room, s.ink(), s.opacity()));
                stops.add(new Gradient.Stop(1, first.ink(), first.opacity()));
                offers.add(offer(fill, "gradient-again", "End in the ink it begins with", first.ink().words(), 0.3,
                        gradient.withStops(stops)));
            }
        }
        return Offer.sorted(offers);
    }

    private static Offer offer(Fill fill, String id, String title, String cost, double weight, Fill.OfGradient then) {
        return new Offer(id, title, cost, weight, d -> d.editFill(fill.name(), f -> f.withSource(then)));
    }

    private static boolean acrossTile(Fill.OfGradient gradient) {
        return gradient.across() == Fill.Across.TILE;
    }

    /** @return how a linear one is drawn: how often along each side of the tile */
    public static String drawnWords(Fill.OfGradient gradient, Tile tile) {
        int[] whole = gradient.course().whole(tile.widthMm(), tile.heightMm());
        if (whole[0] == 0 || whole[1] == 0) {
            return "%s %s the tile".formatted(times(whole[0] + whole[1]), whole[0] == 0 ? "down" : "across");
        }
        return "%s across, %s down the tile".formatted(times(whole[0]), times(whole[1]));
    }

    private static String times(int count) {
        return switch (Math.abs(count)) {
            case 1 -> "once";
            case 2 -> "twice";
            default -> "%d times".formatted(Math.abs(count));
        };
    }

    static List<Finding> findings(Fill fill, Design design) {
        Fill.OfGradient gradient = fill.gradient().orElseThrow();
        List<Offer> offers = offers(fill, design);
        List<Finding> findings = new ArrayList<>();
        Tile tile = design.repeat().tile();
        if (acrossTile(gradient) && gradient.course().kind() == Course.Kind.LINEAR) {
            if (gradient.course().closes(tile.widthMm(), tile.heightMm())) {
                findings.add(Finding.fine(fill.name() + " runs through and closes", drawnWords(gradient, tile)));
            } else {
                Course c = gradient.course();
                findings.add(Finding.nearly(fill.name() + " closes", drawnWords(gradient, tile),
                        "%s mm long".formatted(Numbers.plain(Math.hypot((c.toU() - c.fromU()) * tile.widthMm(),
                                (c.toV() - c.fromV()) * tile.heightMm()), 2)))
                        .withCure(offers.stream().findFirst()));
            }
        }
        if (gradient.agrees()) {
            findings.add(Finding.fine("Ends of " + fill.name() + " agree",
                    gradient.meets() ? gradient.stops().getFirst().ink().words() : "they do not meet"));
        } else {
            findings.add(new Finding(Finding.Severity.LOOK, "Ends of " + fill.name() + " agree",
                    "%s meets %s".formatted(gradient.stops().getLast().ink().words(),
                            gradient.stops().getFirst().ink().words()),
                    "the same ink", "Where the gradient begins again a line shows. There and back it has none.")
                    .withCure(offers.stream().filter(o -> o.id().equals("gradient-back")).findFirst()));
        }
        if (gradient.across() == Fill.Across.PIECE) {
            findings.add(Finding.fine(fill.name() + " runs over the piece that wears it",
                    "tile and field show it across the tile"));
        }
        return findings;
    }
}
