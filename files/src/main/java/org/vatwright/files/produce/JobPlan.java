package org.vatwright.files.produce;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Typeface;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Project;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.files.picture.PictureWriter;

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
        Producer producer = new Producer(project, faces);
        try {
            return switch (job.kind()) {
                case TILE -> tile(producer.design(job.subject()), job);
                case FIELD -> plan(job, job.widthMm(), job.heightMm(), inks(producer.design(job.subject())),
                        new ArrayList<>());
                case ARTICLE -> {
                    Cut cut = Cut.of(producer.article(job.subject()), faces);
                    yield plan(job, cut.widthMm(), cut.heightMm(), "%d of %d pieces dressed".formatted(
                            cut.pieces().stream().filter(p -> p.lay().isPresent()).count(), cut.pieces().size()),
                            new ArrayList<>());
                }
            };
        } catch (Refusal e) {
            return new JobPlan("cannot run as it stands", List.of(e.getMessage()), false);
        }
    }

    private static JobPlan tile(Design design, Job job) {
        Tile tile = design.repeat().tile();
        List<String> warnings = new ArrayList<>();
        if (job.format().vector()) {
            warnings.addAll(Producer.embedded(design, TileGrid.at(tile, job.density())));
            return new JobPlan("%s x %s mm as shapes, %s".formatted(Numbers.plain(tile.widthMm(), 2),
                    Numbers.plain(tile.heightMm(), 2), inks(design)), warnings, true);
        }
        double across = job.density().stretch(tile.widthMm()) - 1;
        double down = job.density().stretch(tile.heightMm()) - 1;
        if (Math.max(Math.abs(across), Math.abs(down)) > STRETCH_LIMIT) {
            warnings.add("whole pixels stretch the tile by %s \u2030 across and %s \u2030 down".formatted(
                    Numbers.plain(1000 * across, 2), Numbers.plain(1000 * down, 2)));
        }
        JobPlan plan = plan(job, tile.widthMm(), tile.heightMm(), inks(design), warnings);
        return new JobPlan(
                plan.sentence() + ", stretch %s \u2030 by %s \u2030".formatted(Numbers.plain(1000 * across, 2),
                        Numbers.plain(1000 * down, 2)),
                plan.warnings(), plan.possible());
    }

    private static String inks(Design design) {
        int n = design.usedSlots().size();
        return n == 1 ? "1 ink" : n + " inks";
    }

    private static JobPlan plan(Job job, double widthMm, double heightMm, String content, List<String> warnings) {
        Density density = job.density();
        long w = density.wholePx(widthMm);
        long h = density.wholePx(heightMm);
        boolean possible = true;
        try {
            PictureWriter.checkHolds(w, h, job.format());
        } catch (Refusal e) {
            possible = false;
            warnings.add(e.getMessage());
        }
        double mega = w * h / 1e6;
        return new JobPlan("%,d x %,d px, %s x %s mm, %s, up to %s MB, about %s s".formatted(w, h,
                Numbers.plain(widthMm, 1), Numbers.plain(heightMm, 1), content,
                Numbers.plain(mega * (job.format() == Job.Format.JPEG ? 0.6 : 0.8), 1),
                Numbers.plain(Math.max(0.1, mega / MEGAPIXELS_PER_SECOND), 1)), warnings, possible);
    }
}
