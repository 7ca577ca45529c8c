package org.vatwright.core.project;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.dress.Article;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.CheckLimits;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.raster.Raster;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * All that belongs to one commission. A value: an edit makes a new one. Things are told apart and linked by their ids;
 * names may repeat.
 *
 * @param note what it is about, in a few words
 * @param designs every design that another one shows is among them
 * @param density at which things are produced unless a job says otherwise
 * @param limits that its designs are held against
 */
@RecordBuilder
public record Project(String name, String note, List<Design> designs, List<Article> articles, List<Job> jobs,
        Density density, CheckLimits limits) implements ProjectBuilder.With {

    public static final int MOST = 2000;

    public Project {
        name = Require.named("project", name);
        once("design", designs.stream().map(Design::id).toList());
        once("article", articles.stream().map(Article::id).toList());
        once("job", jobs.stream().map(Job::id).toList());
        designs = List.copyOf(Nesting.linked(designs));
        articles = List.copyOf(articles);
        jobs = List.copyOf(jobs);
    }

    public static Project empty(String name) {
        return new Project(name, "", List.of(), List.of(), List.of(), new Density(300), CheckLimits.USUAL);
    }

    private static void once(String what, List<Id> ids) {
        Require.within(what + "s", ids.size(), 0, MOST);
        Set<Id> seen = new HashSet<>();
        for (Id id : ids) {
            Require.that(seen.add(id), "two %ss have the id %s; each needs its own".formatted(what, id));
        }
    }

    /** @return how many pixels its pictures have together; one that several designs show counts once */
    public long picturePixels() {
        Set<Raster> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        designs.forEach(d -> d.fills().forEach(f -> {
            if (f.source() instanceof Fill.OfPicture of) {
                seen.add(of.picture().raster());
            }
        }));
        articles.forEach(a -> {
            if (a instanceof Article.Flat flat) {
                flat.backing().ifPresent(b -> seen.add(b.picture().raster()));
            }
        });
        return seen.stream().mapToLong(r -> (long) r.width() * r.height()).sum();
    }

    public Optional<Design> design(Id id) {
        return designs.stream().filter(d -> d.id().equals(id)).findFirst();
    }

    public Optional<Article> article(Id id) {
        return articles.stream().filter(a -> a.id().equals(id)).findFirst();
    }

    /** @throws Refusal when there is none of that id */
    public Design existingDesign(Id id) {
        return design(id).orElseThrow(() -> new Refusal("there is no design with the id %s any more".formatted(id)));
    }

    /** @throws Refusal when there is none of that id */
    public Article existingArticle(Id id) {
        return article(id).orElseThrow(() -> new Refusal("there is no article with the id %s any more".formatted(id)));
    }

    public Optional<Job> job(Id id) {
        return jobs.stream().filter(j -> j.id().equals(id)).findFirst();
    }

    public Project edit(Id design, UnaryOperator<Design> change) {
        return withDesigns(designs.stream().map(d -> d.id().equals(design) ? change.apply(d) : d).toList());
    }

    public Project editArticle(Id article, UnaryOperator<Article> change) {
        return withArticles(articles.stream().map(a -> a.id().equals(article) ? change.apply(a) : a).toList());
    }

    public Project editJob(Id job, UnaryOperator<Job> change) {
        return withJobs(jobs.stream().map(j -> j.id().equals(job) ? change.apply(j) : j).toList());
    }

    /** Gives a colourway another name; lays, jobs and fills that wear it follow. */
    public Project renameColourway(Id design, String from, String to) {
        Optional<String> now = Optional.of(to);
        return edit(design, d -> d.withPalette(d.palette().replace(from, c -> c.renamed(to))))
                .withArticles(articles.stream().map(a -> a.withEachLay(
                        l -> l.design().equals(design) && l.colourway().equals(from) ? l.withDesign(design, to) : l))
                        .map(a -> a.withDressings(a.dressings().eachDressing(d -> d.withPrints(d.prints().stream()
                                .map(p -> p.design().equals(design) && p.colourway().equals(from)
                                        ? p.withColourway(to)
                                        : p)
                                .toList())).withWhole(w -> w.eachFigure(
                                        p -> p.design().equals(design)
                                                && p.colourway().equals(from) ? p.withColourway(to) : p))))
                        .toList())
                .withJobs(jobs.stream().map(j -> j.task().design().equals(Optional.of(design))
                        && j.task().worn().equals(Optional.of(from)) ? j.withTask(j.task().in(now)) : j).toList());
    }

    /**
     * Takes in a design that comes from elsewhere, with the designs that lie in it. One whose id is taken gets an id of its
     * own, unless it lies within and is just the one that is there.
     */
    public Project addDesign(Design design) {
        return withDesigns(with(designs, new Incoming(designs).take(design)));
    }

    /** Takes in designs that belong together: what several of them show comes in once. */
    public Project addDesigns(List<Design> others) {
        List<Design> more = new ArrayList<>(designs);
        new Incoming(designs).all(others).forEach(more::add);
        return withDesigns(more);
    }

    public Project addArticle(Article article) {
        return withArticles(with(articles, article));
    }

    public Project addJob(Job job) {
        return withJobs(with(jobs, job));
    }

    private static <T> List<T> with(List<T> all, T one) {
        List<T> more = new ArrayList<>(all);
        more.add(one);
        return more;
    }

    /** @return the designs that may serve as an ink of that one: all that do not show it themselves */
    public List<Design> fillable(Id design) {
        return designs.stream().filter(d -> !d.id().equals(design) && !Nesting.within(d).contains(design)).toList();
    }

    /** Takes a design out; refuses to leave jobs, fills or lays without it. */
    public Project removeDesign(Id id) {
        String called = design(id).map(Design::name).orElse("");
        jobs.stream().filter(j -> j.task().design().equals(Optional.of(id))).findFirst().ifPresent(j -> Require.that(
                false, "the job %s needs the design %s; remove the job first".formatted(j.name(), called)));
        for (Design outer : designs) {
            for (Fill fill : outer.fills()) {
                Require.that(fill.design().filter(inner -> inner.id().equals(id)).isEmpty(),
                        "%s shows the design %s as its ink %s; give that ink another design first".formatted(
                                outer.name(), called, fill.name()));
            }
        }
        articles.forEach(a -> Require.that(!wears(a, id),
                "%s wears the design %s; give it another one first".formatted(a.name(), called)));
        return withDesigns(designs.stream().filter(d -> !d.id().equals(id)).toList());
    }

    private static boolean wears(Article article, Id design) {
        return article.dressings().designs().anyMatch(design::equals);
    }
}
