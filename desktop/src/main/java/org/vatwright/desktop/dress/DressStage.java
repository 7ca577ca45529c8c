package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.kordamp.ikonli.javafx.FontIcon;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.ByRule;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.cloth.TrueSize;
import org.vatwright.desktop.control.ChapterLine;
import org.vatwright.desktop.control.Choice;
import org.vatwright.desktop.control.FirstSteps;
import org.vatwright.desktop.control.Late;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.Desk;
import org.vatwright.desktop.frame.StageView;
import org.vatwright.desktop.studio.DressHand;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.blank.Blanks;

import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Dress: the article large, its pieces, the lay of what is chosen. */
public final class DressStage extends StageView {

    private static final List<String> PIECES = List.of("lay", "drape", "seams", "figure", "edge", "light", "piece");
    private static final List<String> LETTERS = List.of("lay", "drape", "figure", "edge", "light", "piece");

    private final Desk desk;
    private final ArticlePane pane;
    private final ArticleStrip articles;
    private final ArticleCard card;
    private final FlowPane pieces = new FlowPane(5, 5);
    private final VBox pieceCard;
    private final Label several = Ui.prose("With Shift several are chosen and set together.", "quiet");
    private final SwapCard cloths;
    private final LayCard lay;
    private final DrapeCard drape;
    private final SeamCard seams;
    private final FigureCard figures;
    private final PieceCard piece;
    private final FinishCard finish;
    private final LightCard light;
    private final CalloutCard callouts;
    private final DrawingCard drawing;
    private final ChapterLine chapters = new ChapterLine(this::open);
    /** Which chapter is open while pieces are chosen, and while none are. */
    private String open = "lay";
    private String openForAll = "cloths";
    private final ClothImage words = new ClothImage();
    private final ClothImage sheet = new ClothImage();
    private final ClothImage blank = new ClothImage();
    private final FirstSteps empty;
    private final BlankSheet blanks;
    private boolean choosing;
    private List<Choice> shownPieces = List.of();

    /** @param write writes the article in view */
    public DressStage(Studio studio, Desk desk, Runnable write) {
        super(studio);
        this.desk = desk;
        pane = new ArticlePane(studio);
        pane.onScaled(() -> studio.tellFoot(f -> f.withNotes(f.notes(), TrueSize.words(pane.viewport().pxPerMm()))));
        card = new ArticleCard(studio, desk);
        lay = new LayCard(studio);
        cloths = new SwapCard(studio);
        drape = new DrapeCard(studio);
        seams = new SeamCard(studio, pane.seams());
        figures = new FigureCard(studio);
        piece = new PieceCard(studio);
        finish = new FinishCard(studio, a -> refresh());
        light = new LightCard(studio);
        callouts = new CalloutCard(studio);
        drawing = new DrawingCard(studio, desk);
        Button written = Ui.icon("download", "Write this article as a PNG", write);
        written.setId("write-article");
        articles = new ArticleStrip(studio, Ui.row(addMenu(), written));
        empty = new FirstSteps("Nothing to dress yet", List.of(
                new FirstSteps.Step("first-blank", "A blank", "A garment or a product of our own drawing.", blank,
                        () -> choose(true)),
                new FirstSteps.Step("first-words", "Words", "Letters that are cut from the cloth and stay words.",
                        words, this::addWords),
                new FirstSteps.Step("first-sheet", "A background sheet", "One piece of a size and a density.", sheet,
                        this::addSheet),
                new FirstSteps.Step("first-flat", "A flat", "From an SVG drawing; every closed shape is a piece.",
                        new FontIcon("fth-scissors"), desk::readFlat)));
        blanks = new BlankSheet(studio, this::addBlank, () -> choose(false));
        VBox.setVgrow(pane, Priority.ALWAYS);
        middle().getStyleClass().add("surround");
        middle().getChildren().addAll(articles, late(empty), late(blanks), pane);
        pieceCard = Ui.column(6,
                Ui.row(Ui.label("Pieces", "card-title"), Ui.spring(), Ui.link("choose all", this::all)),
                pieces, several);
        EventHandler<KeyEvent> keys = this::putDown;
        // Before a field that has the focus takes it to itself.
        middle().sceneProperty().addListener((o, was, is) -> {
            if (was != null) {
                was.removeEventFilter(KeyEvent.KEY_PRESSED, keys);
            }
            if (is != null) {
                is.addEventFilter(KeyEvent.KEY_PRESSED, keys);
            }
        });
        column().getChildren().addAll(card, pieceCard, chapters);
        for (Node chapter : List.of(cloths, lay, drape, seams, figures, finish, light, callouts, piece, drawing)) {
            column().getChildren().add(new Late(chapter));
        }
    }

    private static Late late(Node inside) {
        Late late = new Late(inside);
        VBox.setVgrow(late, Priority.ALWAYS);
        return late;
    }

    /** Wherever the focus is, Esc empties the hand; in other stages it does what it does there. */
    private void putDown(KeyEvent e) {
        boolean holds = middle().isVisible() && (studio.dressHand().tool() != DressHand.Tool.NONE
                || studio.dressHand().shade().kind().isPresent());
        if (e.getCode() == KeyCode.ESCAPE && holds) {
            studio.holdDress(h -> h.with().tool(DressHand.Tool.NONE).shade(h.shade().withKind(Optional.empty()))
                    .build());
            e.consume();
        }
    }

    private void open(String chapter) {
        if (studio.selection().pieces().isEmpty()) {
            openForAll = chapter;
        } else {
            open = chapter;
        }
        refresh();
    }

    /** One chapter of what is chosen stands open. */
    private void chapters(Article article, Cut cut) {
        boolean chosen = !studio.selection().pieces().isEmpty();
        boolean flat = article instanceof Article.Flat;
        List<ChapterLine.Name> names = new ArrayList<>();
        for (String name : chosen
                ? flat ? PIECES : LETTERS
                : flat
                        ? List.of("cloths", "seams", "light", "callouts", "drawing")
                        : List.of("cloths", "light", "callouts")) {
            names.add(new ChapterLine.Name(name, name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1)));
        }
        String now = chosen ? open : openForAll;
        if (names.stream().noneMatch(n -> n.id().equals(now))) {
            if (chosen) {
                open = names.getFirst().id();
            } else {
                openForAll = names.getFirst().id();
            }
        }
        String shown = chosen ? open : openForAll;
        chapters.show(names, shown);
        Map<String, Node> cards = Map.of("lay", lay, "drape", drape, "seams", seams, "figure", figures, "piece", piece,
                "edge", finish, "light", light, "callouts", callouts,
                "cloths", cloths, "drawing", drawing);
        cards.forEach((name, card) -> Ui.show(card, name.equals(shown)));
        switch (shown) {
            case "lay" -> lay.show(cut);
            case "drape" -> drape.show(cut);
            case "seams" -> seams.show(article);
            case "figure" -> figures.show(cut);
            case "piece" -> piece.show(article);
            case "edge" -> finish.show(article);
            case "light" -> light.show(article);
            case "callouts" -> callouts.show(article);
            case "drawing" -> drawing.show(article);
            default -> cloths.show(article);
        }
        pane.showFor(shown.equals("edge") ? finish.chapter() : shown);
    }

    private void all() {
        studio.article().ifPresent(a -> studio.select(s -> s.withPieces(
                Set.copyOf(studio.cut(a).ids()))));
    }

    private MenuButton addMenu() {
        MenuButton add = new MenuButton("Add");
        add.setId("add-article");
        add.getStyleClass().add("pill");
        MenuItem drawn = new MenuItem("A blank\u2026");
        drawn.setId("take-blank");
        drawn.setOnAction(e -> choose(true));
        MenuItem flat = new MenuItem("Read a flat from SVG\u2026");
        flat.setId("read-flat");
        flat.setOnAction(e -> desk.readFlat());
        MenuItem words = new MenuItem("Words");
        words.setOnAction(e -> addWords());
        MenuItem sheet = new MenuItem("Background sheet");
        sheet.setOnAction(e -> addSheet());
        MenuItem remove = new MenuItem("Remove this article");
        remove.setOnAction(e -> studio.article().ifPresent(a -> studio.edit("remove " + a.name(),
                p -> p.withArticles(p.articles().stream().filter(x -> !x.id().equals(a.id())).toList()))));
        add.getItems().addAll(drawn, flat, words, sheet, remove);
        return add;
    }

    /** @param now whether a blank is to be chosen */
    private void choose(boolean now) {
        choosing = now;
        refresh();
        if (now) {
            blanks.requestFocus();
        }
    }

    private void addBlank(String name) {
        Article bare = Blanks.fresh(name, desk.freeArticle(name));
        choosing = false;
        desk.add(freshLay().map(lay -> ByRule.dressed(bare, lay, studio.faces())).orElse(bare));
    }

    private void addWords() {
        desk.add(freshWords());
    }

    private Article freshWords() {
        return new Article.Lettering(Id.fresh(), desk.freeArticle("Words"), "Words",
                studio.faces().names().getFirst(), 100, false, Optional.empty(),
                Dressings.of(Article.Lettering.letter(1), freshLay()));
    }

    private void addSheet() {
        desk.add(freshSheet());
    }

    private Article freshSheet() {
        return new Article.Sheet(Id.fresh(), desk.freeArticle("Sheet"), 304.8, 304.8, new Density(300),
                Dressings.of(Article.Sheet.PIECE, freshLay()));
    }

    /** The first steps, in the design that is in view. */
    private void drawSteps() {
        Article apron = Blanks.of(Blanks.names().getFirst());
        Article worn = freshLay().map(lay -> ByRule.dressed(apron, lay, studio.faces())).orElse(apron);
        for (var step : List.of(Map.entry(blank, worn), Map.entry(words, freshWords()),
                Map.entry(sheet, freshSheet()))) {
            Cut cut = studio.cut(step.getValue());
            double pxPerMm = Scenes.fit(cut.widthMm(), cut.heightMm(), FirstSteps.WIDE, FirstSteps.HIGH, 10);
            Scenes.Dressed dressed = new Scenes.Dressed(studio.project(), cut, Optional.empty(), pxPerMm);
            step.getKey().draw(studio.design(), dressed.subject(studio.tiles()), cut.widthMm() * pxPerMm,
                    cut.heightMm() * pxPerMm);
        }
    }

    private Optional<Lay> freshLay() {
        return studio.design().map(d -> new Lay(d.id(), studio.colourway(d).name()));
    }

    @Override
    public List<Runnable> furnishing() {
        return List.of(articles::show,
                () -> studio.article().ifPresent(a -> card.show(a, studio.cut(a))),
                () -> studio.article().ifPresent(a -> pieces(studio.cut(a))),
                () -> studio.article().ifPresent(a -> chapters(a, studio.cut(a))));
    }

    @Override
    public void refresh() {
        Article article = studio.article().orElse(null);
        Ui.show(articles, article != null && !choosing);
        Ui.show(blanks, choosing);
        Ui.show(empty, article == null && !choosing);
        Ui.show(pane, article != null && !choosing);
        Ui.show(column(), article != null && !choosing);
        if (choosing) {
            blanks.show();
            studio.tellFoot(f -> f.withNotes(List.of("%d blanks; a click takes one, Esc none".formatted(
                    Blanks.names().size())), ""));
            return;
        }
        if (article == null) {
            drawSteps();
            studio.tellFoot(f -> f.withNotes(List.of("No articles"), ""));
            return;
        }
        articles.show();
        Cut cut = studio.cut(article);
        pane.show(article);
        card.show(article, cut);
        pieces(cut);
        chapters(article, cut);
        studio.tellFoot(f -> f.withNotes(
                List.of("%s %s x %s mm".formatted(article.name(), Numbers.plain(cut.widthMm(), 1),
                        Numbers.plain(cut.heightMm(), 1)),
                        "%d of %d pieces dressed".formatted(
                                cut.dressed(),
                                cut.pieces().size())),
                TrueSize.words(pane.viewport().pxPerMm())));
    }

    private void pieces(Cut cut) {
        Ui.show(pieceCard, cut.pieces().size() > 1);
        // Who has chosen knows; the room is the chapter's.
        Ui.show(several, studio.selection().pieces().isEmpty());
        List<Choice> wanted = cut.pieces().stream().map(p -> new Choice(p.id(), p.name())).toList();
        if (!wanted.equals(shownPieces)) {
            shownPieces = wanted;
            pieces.getChildren().clear();
            for (int i = 0; i < wanted.size(); i++) {
                Choice one = wanted.get(i);
                Button button = new Button(one.name().replaceFirst(", letter \\d+$", ""));
                button.getStyleClass().addAll("pill", "small-pill");
                button.setId("piece-" + i);
                button.setAccessibleText(one.name());
                button.setOnMouseClicked(e -> choose(one.id(), e.isShiftDown() || e.isShortcutDown()));
                button.setOnAction(e -> choose(one.id(), false));
                pieces.getChildren().add(button);
            }
        }
        for (int i = 0; i < wanted.size(); i++) {
            pieces.getChildren().get(i).pseudoClassStateChanged(Styles.CHOSEN,
                    studio.selection().pieces().contains(wanted.get(i).id()));
        }
    }

    private void choose(Id piece, boolean more) {
        studio.select(s -> {
            Set<Id> chosen = new HashSet<>(more ? s.pieces() : Set.of());
            chosen.add(piece);
            return s.withPieces(chosen);
        });
    }

    @Override
    public void fit() {
        pane.fit();
        refresh();
    }

    @Override
    public void trueSize() {
        pane.trueSize();
        refresh();
    }
}
