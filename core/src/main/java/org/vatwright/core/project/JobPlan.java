package org.vatwright.core.project;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Typeface;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Tile;

/**
 * What a job will make, said before it runs.
 *
 * @param sentence pixels, size, inks, about how many bytes and how long
 * @param warnings what to look at first; empty when all is in order
 * @param possible whether it can run at all
 */
public record JobPlan(String sentence, List<String> warnings, boolean possible) {

    /** Millions of pixels painted and packed in a second, as met on two plain cores. */
    private static final double MEGAPIXELS_PER_SECOND = 12;
    private static final double STRETCH_LIMIT = 0.001;

    public static JobPlan of(Project project, Job job, Typeface.Case faces) {
        try {
            return switch (job.task()) {
                case Task.Tile(Id design, String _) -> tile(project.existingDesign(design), job.output());
                case Task.Field(Id design, String _, double widthMm, double heightMm) ->
                    pixels(job.output(), widthMm, heightMm, inks(project.existingDesign(design)), List.of());
                case Task.Dressed(Id article, var _) -> {
                    Cut cut = Cut.of(project.existingArticle(article), faces);
                    String dressed = "%d of %d pieces dressed".formatted(cut.dressed(), cut.pieces().size());
                    yield job.output().format().vector()
                            ? new JobPlan("%s x %s mm as shapes, %s".formatted(Numbers.plain(cut.widthMm(), 2),
                                    Numbers.plain(cut.heightMm(), 2), dressed), List.of(), true)
                            : pixels(job.output(), cut.widthMm(), cut.heightMm(), dressed, List.of());
                }
            };
        } catch (Refusal e) {
            return new JobPlan("cannot run as it stands", List.of(e.getMessage()), false);
        }
    }

    private static JobPlan tile(Design design, Output output) {
        Tile tile = design.repeat().tile();
        if (output.format().vector()) {
            return new JobPlan("%s x %s mm as shapes, %s".formatted(Numbers.plain(tile.widthMm(), 2),
                    Numbers.plain(tile.heightMm(), 2), inks(design)), Embedded.of(design, output.density()), true);
        }
        double across = output.density().stretch(tile.widthMm()) - 1;
        double down = output.density().stretch(tile.heightMm()) - 1;
        List<String> warnings = Math.max(Math.abs(across), Math.abs(down)) > STRETCH_LIMIT
                ? List.of("whole pixels stretch the tile by %s \u2030 across and %s \u2030 down".formatted(
                        Numbers.plain(1000 * across, 2), Numbers.plain(1000 * down, 2)))
                : List.of();
        JobPlan plan = pixels(output, tile.widthMm(), tile.heightMm(), inks(design), warnings);
        return new JobPlan("%s, stretch %s \u2030 by %s \u2030".formatted(plan.sentence(),
                Numbers.plain(1000 * across, 2), Numbers.plain(1000 * down, 2)), plan.warnings(), plan.possible());
    }

    private static String inks(Design design) {
        int n = design.usedSlots().size();
        return n == 1 ? "1 ink" : n + " inks";
    }

    private static JobPlan pixels(Output output, double widthMm, double heightMm, String content,
            List<String> warnings) {
        Density density = output.density();
        long w = density.wholePx(widthMm);
        long h = density.wholePx(heightMm);
        List<String> all = new ArrayList<>(warnings);
        boolean possible = true;
        try {
            output.format().checkHolds(w, h);
        } catch (Refusal e) {
            possible = false;
            all.add(e.getMessage());
        }
        double mega = w * (h / 1e6);
        return new JobPlan("%,d x %,d px, %s x %s mm, %s, up to %s MB, about %s s".formatted(w, h,
                Numbers.plain(widthMm, 1), Numbers.plain(heightMm, 1), content,
                Numbers.plain(mega * (output.format() == Output.Format.JPEG ? 0.6 : 0.8), 1),
                Numbers.plain(Math.max(0.1, mega / MEGAPIXELS_PER_SECOND), 1)), all, possible);
    }
}
