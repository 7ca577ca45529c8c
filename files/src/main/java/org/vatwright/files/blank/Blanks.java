package org.vatwright.files.blank;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

import org.vatwright.core.dress.Article;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.svg.FlatReader;

/** The articles that come with the program, bare, drawn by ourselves; each name once. */
public final class Blanks {

    private static final String OWN = "";
    /** The demo commission has drawings of these, too. */
    private static final String DEMO = "/org/vatwright/files/demo/";

    /** @param drawing its resource */
    private record Entry(String name, String drawing) {}

    private static final List<Entry> ALL = List.of(new Entry("Apron", DEMO + "apron"),
            new Entry("Smock front", DEMO + "smock"), new Entry("Smock back", OWN + "smock-back"),
            new Entry("Tee", OWN + "tee"), new Entry("Trousers", OWN + "trousers"), new Entry("Skirt", OWN + "skirt"),
            new Entry("Dress", OWN + "dress"), new Entry("Cap", OWN + "cap"), new Entry("Tote", DEMO + "tote"),
            new Entry("Cushion", DEMO + "cushion"), new Entry("Mug", OWN + "mug"),
            new Entry("Deckchair", OWN + "deckchair"), new Entry("Lifejacket cover", DEMO + "lifejacket"),
            new Entry("Curtain", DEMO + "curtain"), new Entry("Towel", DEMO + "tea-towel"),
            new Entry("Phone sleeve", OWN + "phone-sleeve"), new Entry("Notice panel", OWN + "notice-panel"),
            new Entry("Sheet", OWN + "sheet"));
    private static final Map<String, Article.Flat> READ = new ConcurrentHashMap<>();

    private Blanks() {}

    public static List<String> names() {
        return ALL.stream().map(Entry::name).toList();
    }

    /**
     * @param name of one, in capitals or not
     * @return the same article each time
     * @throws Refusal when none is called so
     */
    public static Article.Flat of(String name) {
        Entry entry = ALL.stream().filter(e -> e.name().equalsIgnoreCase(name.strip())).findFirst().orElseThrow(
                () -> new Refusal("there is no blank %s; there are %s".formatted(name, String.join(", ", names()))));
        return READ.computeIfAbsent(entry.name(), n -> read(entry));
    }

    /** @return one that nobody has, to be put among the articles of a project. @param called its name there */
    public static Article.Flat fresh(String name, String called) {
        return of(name).with().id(Id.fresh()).name(called).build();
    }

    private static Article.Flat read(Entry entry) {
        try (InputStream in = Blanks.class.getResourceAsStream(entry.drawing() + ".svg")) {
            if (in == null) {
                throw new IllegalStateException("the drawing of %s is missing".formatted(entry.name()));
            }
            return FlatReader.read(in.readAllBytes(), entry.name(), Limits.STANDARD).article()
                    .withName(entry.name());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
