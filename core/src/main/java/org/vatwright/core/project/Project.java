package org.vatwright.core.project;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.dress.Article;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Design;

/**
 * All that belongs to one commission. A value: an edit makes a new one.
 *
 * @param note what it is about, in a few words
 * @param designs,articles,jobs each name once
 * @param density at which things are produced unless a job says otherwise
 */
@RecordBuilder
public record Project(String name, String note, List<Design> designs, List<Article> articles, List<Job> jobs,
        Density density) implements ProjectBuilder.With {

    public static final int MOST = 2000;

    public Project {
        name = Require.named("project", name);
        designs = List.copyOf(Nesting.linked(designs));
        articles = List.copyOf(articles);
        jobs = List.copyOf(jobs);
        once("design", designs.stream().map(Design::name).toList());
        once("article", articles.stream().map(Article::name).toList());
        once("job", jobs.stream().map(Job::name).toList());
    }

    public static Project empty(String name) {
        return new Project(name, "", List.of(), List.of(), List.of(), new Density(300));
    }

    private static void once(String what, List<String> names) {
        Require.within(what + "s", names.size(), 0, MOST);
        Set<String> seen = new HashSet<>();
        for (String name : names) {
            Require.that(seen.add(name), "two %ss are called %s; names must differ".formatted(what, name));
        }
    }

    public Optional<Design> design(String designName) {
        return designs.stream().filter(d -> d.name().equals(designName)).findFirst();
    }

    public Optional<Article> article(String articleName) {
        return articles.stream().filter(a -> a.name().equals(articleName)).findFirst();
    }

    /** Changes a design; when its name changes, lays and jobs follow. */
    public Project edit(String designName, UnaryOperator<Design> change) {
        Project after = this;
        for (Design old : designs) {
            if (old.name().equals(designName)) {
                Design edited = change.apply(old);
                List<Design> all = designs.stream().map(d -> d == old ? edited : d).toList();
                after = withDesigns(edited.name().equals(designName)
                        ? all
                        : all.stream().map(d -> d.renamedWithin(designName, edited)).toList());
                return edited.name().equals(designName) ? after : after.follow(designName, edited.name());
            }
        }
        return after;
    }

    private Project follow(String from, String to) {
        return withArticles(articles.stream()
                .map(a -> a.withEachLay(l -> l.design().equals(from) ? l.withDesign(to, l.colourway()) : l)).toList())
                .withJobs(jobs.stream().map(j -> j.ofDesign() && j.subject().equals(from) ? j.withSubject(to) : j)
                        .toList());
    }

    /** Gives a colourway another name; lays and jobs that wear it follow. */
    public Project renameColourway(String designName, String from, String to) {
        return edit(designName, d -> d.withPalette(d.palette().replace(from, c -> c.renamed(to))))
                .withArticles(articles.stream().map(a -> a.withEachLay(
                        l -> l.design().equals(designName) && l.colourway().equals(from)
                                ? l.withDesign(designName, to)
                                : l))
                        .toList())
                .withJobs(jobs.stream().map(
                        j -> j.ofDesign() && j.subject().equals(designName) && j.colourway().equals(from)
                                ? j.withColourway(to)
                                : j)
                        .toList());
    }

    public Project editArticle(String articleName, UnaryOperator<Article> change) {
        return withArticles(articles.stream().map(a -> a.name().equals(articleName) ? change.apply(a) : a).toList());
    }

    public Project addDesign(Design design) {
        return withDesigns(with(designs, design));
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
    public List<Design> fillable(String designName) {
        return designs.stream().filter(d -> !d.name().equals(designName) && !Nesting.within(d).contains(designName))
                .toList();
    }

    /** Takes a design out. Lays that wear it go with it; refuses to leave jobs without a subject. */
    public Project removeDesign(String designName) {
        jobs.stream().filter(j -> j.ofDesign() && j.subject().equals(designName)).findFirst()
                .ifPresent(j -> Require.that(
                        false, "the job %s needs the design %s; remove the job first".formatted(j.name(), designName)));
        designs.forEach(d -> d.fills().forEach(f -> f.design().ifPresent(inner -> Require.that(
                !inner.name().equals(designName),
                "%s shows the design %s as its ink %s; give that ink another design first".formatted(d.name(),
                        designName, f.name())))));
        articles.forEach(a -> Require.that(!wears(a, designName),
                "%s wears the design %s; give it another one first".formatted(a.name(), designName)));
        return withDesigns(designs.stream().filter(d -> !d.name().equals(designName)).toList());
    }

    private static boolean wears(Article article, String designName) {
        boolean[] found = {false};
        article.withEachLay(l -> {
            found[0] |= l.design().equals(designName);
            return l;
        });
        return found[0];
    }
}
