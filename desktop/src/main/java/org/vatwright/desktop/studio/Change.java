package org.vatwright.desktop.studio;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

import org.vatwright.core.dress.Article;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Project;

/**
 * What changed, so that only what it touches is drawn again.
 *
 * @param opened whether another project is shown
 * @param project whether its name, note, density or limits changed
 * @param designs those that changed, came or went; one that shows another changes with it
 * @param articles,jobs those that changed, came or went
 * @param selection whether what the window is about changed
 */
public record Change(boolean opened, boolean project, Set<Id> designs, Set<Id> articles, Set<Id> jobs,
        boolean selection) {

    /** Another project: everything. */
    static final Change OPENED = new Change(true, true, Set.of(), Set.of(), Set.of(), true);
    /** Another design, layer, piece or motif is in hand. */
    static final Change SELECTED = new Change(false, false, Set.of(), Set.of(), Set.of(), true);

    /** @param selected whether the selection is another one as well */
    static Change between(Project before, Project after, boolean selected) {
        return new Change(false, !bare(before).equals(bare(after)),
                differing(before.designs(), after.designs(), Design::id),
                differing(before.articles(), after.articles(), Article::id),
                differing(before.jobs(), after.jobs(), Job::id), selected);
    }

    /** What a project has of its own. */
    private static Project bare(Project project) {
        return project.with().designs(List.of()).articles(List.of()).jobs(List.of()).build();
    }

    /** What did not change is shared, so that the same thing is the same object. */
    private static <T> Set<Id> differing(List<T> before, List<T> after, Function<T, Id> id) {
        if (before == after) {
            return Set.of();
        }
        Map<Id, T> old = new HashMap<>();
        before.forEach(t -> old.put(id.apply(t), t));
        Set<Id> changed = new HashSet<>();
        after.forEach(t -> {
            if (old.remove(id.apply(t)) != t) {
                changed.add(id.apply(t));
            }
        });
        changed.addAll(old.keySet());
        return Set.copyOf(changed);
    }

    /** @return whether a picture of that design may be another one */
    public boolean touches(Id design) {
        return opened || designs.contains(design);
    }
}
