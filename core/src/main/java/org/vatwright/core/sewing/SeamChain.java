package org.vatwright.core.sewing;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;

/**
 * Matches piece after piece along its seams, from one that stays: each that is sewn to one that lies already is laid to it once. A
 * seam between two that lie already is only measured.
 *
 * @param article as it is then
 * @param steps in the order in which they were done
 */
public record SeamChain(Article.Flat article, List<Step> steps) {

    /**
     * One seam.
     *
     * @param laid the piece that was laid for it; none when both lay already
     * @param left what is left along it; none when it cannot be matched, with the reason
     */
    public record Step(Seam seam, Optional<Id> laid, Optional<SeamMatch.Left> left, String reason) {}

    /** @param from the piece that stays @param turning whether the grain may turn */
    public static SeamChain matched(Article.Flat article, Id from, boolean turning,
            Function<Id, Optional<Design>> designs) {
        Article.Flat now = article;
        Set<Id> lie = new LinkedHashSet<>(List.of(from));
        Set<Seam> done = new HashSet<>();
        List<Step> steps = new ArrayList<>();
        for (boolean more = true; more;) {
            more = false;
            for (Seam seam : article.seams()) {
                boolean first = lie.contains(seam.first().piece());
                boolean second = lie.contains(seam.second().piece());
                if (!done.contains(seam) && (first || second)) {
                    done.add(seam);
                    more = true;
                    Step step = step(now, seam, first && second, first ? seam : seam.turned(), turning, designs);
                    steps.add(step);
                    if (step.laid().isPresent()) {
                        now = laid(now, first ? seam : seam.turned(), turning, designs);
                        lie.add(step.laid().get());
                    } else if (step.left().isEmpty()) {
                        continue;
                    }
                    // What is nearest to the piece that stays comes first.
                    break;
                }
            }
        }
        return new SeamChain(now, steps);
    }

    private static Step step(Article.Flat now, Seam seam, boolean both, Seam way, boolean turning,
            Function<Id, Optional<Design>> designs) {
        try {
            SeamMatch match = SeamMatch.of(now, way, designs);
            return both
                    ? new Step(seam, Optional.empty(), Optional.of(match.left()), "")
                    : new Step(seam, Optional.of(way.second().piece()), Optional.of(match.left(match.matched(turning))),
                            "");
        } catch (Refusal e) {
            return new Step(seam, Optional.empty(), Optional.empty(), e.getMessage());
        }
    }

    private static Article.Flat laid(Article.Flat now, Seam way, boolean turning,
            Function<Id, Optional<Design>> designs) {
        Lay lay = SeamMatch.of(now, way, designs).matched(turning);
        return now.withDressings(now.dressings().with(way.second().piece(), Optional.of(lay)));
    }
}
