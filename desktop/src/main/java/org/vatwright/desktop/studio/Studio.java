package org.vatwright.desktop.studio;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Partners;
import org.vatwright.core.dress.Typeface;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Offer;
import org.vatwright.core.pattern.Recipe;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.project.History;
import org.vatwright.core.project.Project;
import org.vatwright.core.render.TileCache;

/**
 * What the window shows and changes: the document with its history, the selection, messages. Knows no interface
 * toolkit; used on one thread.
 */
public final class Studio {

    private static final long CACHE_PX = TileCache.room(48_000_000, 16);
    private static final long COATS_PX = TileCache.room(64_000_000, 12);
    private static final int MOST_CUTS = 64;
    private final Typeface.Case faces;
    private final Map<Article, Cut> cuts = new IdentityHashMap<>();
    private final TileCache tiles = new TileCache(CACHE_PX, COATS_PX);
    private final List<Consumer<Change>> watchers = new CopyOnWriteArrayList<>();
    private final List<Consumer<Message>> hearers = new CopyOnWriteArrayList<>();
    private final List<Consumer<Foot>> feet = new CopyOnWriteArrayList<>();
    private Foot foot = Foot.EMPTY;
    private History history;
    private Selection selection;
    private final Held<MotifHand> motifHand = new Held<>(MotifHand.FIRST, this::selected);
    private final Held<BrushHand> brushHand = new Held<>(BrushHand.FIRST, this::selected);
    private final Held<CutHand> cutHand = new Held<>(CutHand.FIRST, this::selected);
    private final Held<DressHand> dressHand = new Held<>(DressHand.FIRST, this::selected);
    private boolean showBefore;
    private Runnable leaving = () -> {};

    public Studio(Project project, Typeface.Case faces) {
        this.faces = faces;
        open(project);
    }

    public void open(Project project) {
        bring(new History(project));
    }

    /** Opens a project that is in no file as it is. */
    public void openUnsaved(Project project) {
        History unsaved = new History(project);
        unsaved.markUnsaved();
        bring(unsaved);
    }

    private void bring(History next) {
        settle();
        history = next;
        selection = Selection.of(history.present());
        showBefore = false;
        tell(Change.OPENED);
    }

    /** @param watcher told what changed, on this thread */
    public Observation watch(Consumer<Change> watcher) {
        return with(watchers, watcher);
    }

    public Observation hear(Consumer<Message> hearer) {
        return with(hearers, hearer);
    }

    public Observation watchFoot(Consumer<Foot> reader) {
        return with(feet, reader);
    }

    private static <T> Observation with(List<T> all, T one) {
        all.add(one);
        return () -> all.remove(one);
    }

    public Foot foot() {
        return foot;
    }

    /** Changes what the line at the foot says. */
    public void tellFoot(UnaryOperator<Foot> change) {
        foot = change.apply(foot);
        feet.forEach(f -> f.accept(foot));
    }

    private void tell(Change change) {
        watchers.forEach(w -> w.accept(change));
    }

    private void selected() {
        tell(Change.SELECTED);
    }

    public void say(Message message) {
        hearers.forEach(h -> h.accept(message));
    }

    public Typeface.Case faces() {
        return faces;
    }

    public TileCache tiles() {
        return tiles;
    }

    public History history() {
        return history;
    }

    public Project project() {
        return showBefore ? history.before().orElse(history.present()) : history.present();
    }

    public Selection selection() {
        return showBefore ? selection.in(project()) : selection;
    }

    /** @param leave takes what is being typed */
    public void whenSettling(Runnable leave) {
        leaving = leave;
    }

    /** Takes what is being typed, before anything else is chosen, or saved: it was meant for what stands open now. */
    public void settle() {
        leaving.run();
    }

    public void select(UnaryOperator<Selection> change) {
        Selection next = change.apply(selection).in(history.present());
        if (!next.equals(selection)) {
            settle();
            selection = change.apply(selection).in(history.present());
            WindowFirst.changes();
            tell(Change.SELECTED);
        }
    }

    public MotifHand motifHand() {
        return motifHand.now();
    }

    /** Of all that is in hand: when it changes, watchers are told. */
    public void hold(UnaryOperator<MotifHand> change) {
        motifHand.change(change);
    }

    /** Together with the edit that is under way, which tells. */
    public void holdNext(MotifHand next) {
        motifHand.next(next);
    }

    public BrushHand brushHand() {
        return brushHand.now();
    }

    public void holdBrush(UnaryOperator<BrushHand> change) {
        brushHand.change(change);
    }

    public CutHand cutHand() {
        return cutHand.now();
    }

    public void holdCut(UnaryOperator<CutHand> change) {
        cutHand.change(change);
    }

    public DressHand dressHand() {
        return dressHand.now();
    }

    public void holdDress(UnaryOperator<DressHand> change) {
        dressHand.change(change);
    }

    public Optional<Design> design() {
        return project().design(selection().design());
    }

    /** @return the colourway the design is looked at in */
    public Colourway colourway(Design design) {
        return design.palette().orFirst(selection().colourway());
    }

    /** @return the structure of the open layer, when it is of that kind */
    public <S extends Structure> Optional<S> structure(Class<S> kind) {
        return layer().map(Layer::structure).filter(kind::isInstance).map(kind::cast);
    }

    public Optional<Layer> layer() {
        return design().flatMap(d -> d.layer(selection().layer()));
    }

    public Optional<Article> article() {
        return project().article(selection().article());
    }

    /** @return its pieces; those of articles that are looked at again and again are kept */
    public Cut cut(Article article) {
        if (cuts.size() > MOST_CUTS) {
            cuts.clear();
        }
        return cuts.computeIfAbsent(article, a -> Cut.of(a, faces));
    }

    /** Holds the state before the last change beside the present one, for as long as it is asked for. */
    public void showBefore(boolean before) {
        if (showBefore != before) {
            Project shown = project();
            showBefore = before;
            tell(Change.between(shown, project(), true));
        }
    }

    public boolean showsBefore() {
        return showBefore;
    }

    /** A refused change changes nothing, and it is said why. @return whether it was done */
    public boolean edit(String name, UnaryOperator<Project> change) {
        return edited(name, change, s -> s);
    }

    /** Changes the document and chooses something of it in one, so that what shows it is made once, not twice. */
    public boolean edit(String name, UnaryOperator<Project> change, UnaryOperator<Selection> choose) {
        settle();
        WindowFirst.changes();
        return edited(name, change, choose);
    }

    private boolean edited(String name, UnaryOperator<Project> change, UnaryOperator<Selection> choose) {
        try {
            step(() -> history.edit(name, change.apply(history.present())), choose);
            return true;
        } catch (Refusal e) {
            refused(e);
            return false;
        }
    }

    /** Says why something was not done; fields that show it show again what there is. */
    private void refused(Refusal why) {
        say(Message.refused(why.getMessage()));
        tell(Change.SELECTED);
    }

    /** Does what may be refused. */
    public void attempt(Runnable action) {
        try {
            action.run();
        } catch (Refusal e) {
            refused(e);
        }
    }

    public boolean editDesign(String name, UnaryOperator<Design> change) {
        return edit(name, p -> p.edit(selection.design(), change));
    }

    /** Takes an offer on the design in view. @return whether it was done */
    public boolean take(Offer offer) {
        String name = offer.words();
        return editDesign(name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1), offer.change());
    }

    /** Changes the open layer, which must not be locked. */
    public boolean editLayer(String name, UnaryOperator<Layer> change) {
        return editOpen(name, (d, layer) -> d.replace(layer, change));
    }

    /** Changes the open layer together with its design. @param change takes the layer's number */
    public boolean editOpen(String name, BiFunction<Design, Integer, Design> change) {
        int layer = selection.layer();
        return editDesign(name, d -> {
            Recipe.refuseLocked(d, Set.of(layer));
            return change.apply(d, layer);
        });
    }

    public <S extends Structure> boolean editStructure(String name, Class<S> type, UnaryOperator<S> change) {
        return editLayer(name, l -> type.isInstance(l.structure())
                ? l.withStructure(change.apply(type.cast(l.structure())))
                : l);
    }

    /** Sets a slot's colour in the colourway in view; the kept first one hands it on to a copy, which comes in view. */
    public void recolour(String slot, Rgb colour) {
        Design design = history.present().design(selection.design()).orElseThrow();
        String from = design.palette().orFirst(selection.colourway()).name();
        Palette.Change change = design.palette().recolour(from, design.palette().slot(slot), colour);
        if (edit("recolour %s in %s".formatted(slot, change.colourway()),
                p -> p.edit(design.id(), d -> d.withPalette(change.palette()))) && !change.colourway().equals(from)) {
            select(s -> s.withColourway(change.colourway()));
            say(Message.hint("%s stays as it is; the new colour went into %s.".formatted(from, change.colourway())));
        }
    }

    /** Puts a design or a picture among the inks and opens it, small enough that some of it is seen in a cell. */
    public boolean addFill(String name, Fill.Source source) {
        int at = history.present().design(selection.design()).map(d -> d.fills().size()).orElse(0);
        return edit("use %s as an ink".formatted(name), p -> p.edit(selection.design(), d -> {
            double scale = source instanceof Fill.OfGradient
                    ? 1
                    : Math.min(1, d.repeat().widthMm() / 4 / source.widthMm());
            return d.addFill(new Fill(name, source).withScale(scale, scale));
        }), s -> s.withInk(new ChosenInk.Fill(at)));
    }

    public boolean editArticle(String name, UnaryOperator<Article> change) {
        return edit(name, p -> p.editArticle(selection.article(), a -> Partners.follow(a, change.apply(a))));
    }

    /** Changes the lays of the chosen pieces; a piece without one starts from the design in view. */
    public boolean editLays(String name, UnaryOperator<Lay> change) {
        Article article = article().orElseThrow();
        List<Id> all = cut(article).ids();
        return editArticle(name, a -> {
            Article changed = a;
            for (Id piece : all) {
                if (selection.pieces().contains(piece)) {
                    Lay lay = changed.dressing(piece).lay().orElseGet(this::freshLay);
                    changed = changed.withLay(piece, all, Optional.of(change.apply(lay)));
                }
            }
            return changed;
        });
    }

    private Lay freshLay() {
        Design design = history.present().design(selection.design())
                .orElseThrow(() -> new Refusal("there is no design to lay; build one first"));
        return new Lay(design.id(), colourway(design).name());
    }

    /** Opens one step of history for a drag; all edits until {@link #endDrag} are undone together. */
    public void beginDrag(String name) {
        history.begin(name);
    }

    public void endDrag() {
        history.end();
        // What waited while the hand pulled comes now.
        selected();
    }

    public boolean dragging() {
        return history.open();
    }

    public void undo() {
        step(history::undo, s -> s);
    }

    public void redo() {
        step(history::redo, s -> s);
    }

    private void step(Runnable way, UnaryOperator<Selection> choose) {
        Project before = project();
        Selection selected = selection;
        way.run();
        selection = choose.apply(selection).in(history.present());
        tell(Change.between(before, project(), !selected.equals(selection)));
    }

    /** Notes that this state of the project is on the disk. */
    public void markSaved(Project saved) {
        history.markSaved(saved);
        tell(Change.between(project(), project(), false));
    }
}
