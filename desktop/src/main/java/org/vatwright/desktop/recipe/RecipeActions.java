package org.vatwright.desktop.recipe;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.family.together.Taken;
import org.vatwright.core.family.together.Together;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Recipe;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** What is done to the chosen layers of the recipe. Each is one step of the history. */
public final class RecipeActions {

    /** Layers as they were when they were copied. */
    private record Held(Design from, Set<Integer> layers) {}

    private final Studio studio;
    private Optional<Held> held = Optional.empty();

    public RecipeActions(Studio studio) {
        this.studio = studio;
    }

    Set<Integer> chosen() {
        return studio.selection().layers();
    }

    /** @param order the numbers of the layers as they are listed. @param further adds it, or takes it away again */
    void choose(int layer, List<Integer> order, boolean upTo, boolean further) {
        studio.select(s -> {
            if (upTo && order.contains(s.layer())) {
                int a = order.indexOf(s.layer());
                int b = order.indexOf(layer);
                return s.withLayers(Set.copyOf(order.subList(Math.min(a, b), Math.max(a, b) + 1)), s.layer());
            }
            if (!further) {
                return s.withLayer(layer);
            }
            Set<Integer> all = new TreeSet<>(s.layers());
            if (!all.add(layer) && all.size() > 1) {
                all.remove(layer);
                return s.withLayers(all, all.contains(s.layer()) ? s.layer() : all.iterator().next());
            }
            return s.withLayers(all, layer);
        });
    }

    /** @return the one layer's name, or how many there are */
    private String words(Set<Integer> layers) {
        return layers.size() == 1
                ? studio.design().flatMap(d -> d.layer(layers.iterator().next())).map(Layer::name).orElse("a layer")
                : "%d layers".formatted(layers.size());
    }

    /** @param by 1 raises them over the next one, -1 lowers them under it */
    void order(int by) {
        Set<Integer> layers = chosen();
        studio.editDesign((by > 0 ? "raise " : "lower ") + words(layers),
                d -> Recipe.moved(d, layers, Recipe.place(d, layers, by)));
    }

    /** @param place so many of the others lie below */
    void moveTo(Set<Integer> layers, int place) {
        studio.editDesign("move " + words(layers), d -> Recipe.moved(d, layers, place));
    }

    void delete() {
        Set<Integer> layers = chosen();
        studio.editDesign("delete " + words(layers), d -> Recipe.without(d, layers));
    }

    void duplicate() {
        Set<Integer> layers = chosen();
        chooseNew(studio.editDesign("duplicate " + words(layers), d -> Recipe.doubled(d, layers)), layers.size());
    }

    /** Chooses the layers with the highest numbers: those just made. */
    private void chooseNew(boolean done, int count) {
        if (done && count > 0) {
            studio.design().ifPresent(d -> {
                List<Integer> fresh = d.layers().stream().map(Layer::id).sorted(Comparator.reverseOrder())
                        .limit(count).toList();
                studio.select(s -> s.withLayers(Set.copyOf(fresh), fresh.getFirst()));
            });
        }
    }

    private boolean all(Predicate<Layer> what) {
        Set<Integer> layers = chosen();
        return studio.design().map(d -> d.layers().stream().filter(l -> layers.contains(l.id())).allMatch(what))
                .orElse(false);
    }

    void toggleLock() {
        Set<Integer> layers = chosen();
        boolean locked = all(Layer::locked);
        studio.editDesign((locked ? "unlock " : "lock ") + words(layers),
                d -> Recipe.changed(d, layers, l -> l.withLocked(!locked)));
    }

    void toggleEye() {
        Set<Integer> layers = chosen();
        boolean seen = all(Layer::visible);
        studio.editDesign("show or hide " + words(layers),
                d -> Recipe.changed(d, layers, l -> l.withVisible(!seen)));
    }

    /** Changes all chosen layers, of which none may be locked. */
    public void change(String name, UnaryOperator<Layer> change) {
        Set<Integer> layers = chosen();
        studio.editDesign(layers.size() > 1 ? "%s of %s".formatted(name, words(layers)) : name, d -> {
            Recipe.refuseLocked(d, layers);
            return Recipe.changed(d, layers, change);
        });
    }

    /** @return whether what is chosen is one layer that holds others */
    boolean taken() {
        return chosen().size() == 1 && all(l -> l.structure() instanceof Together);
    }

    /** Takes the chosen layers together as one coat, or opens the one that holds others. */
    void takeTogether() {
        Set<Integer> layers = chosen();
        if (taken()) {
            int layer = layers.iterator().next();
            studio.design().flatMap(d -> d.layer(layer)).ifPresent(l -> chooseNew(
                    studio.editDesign("open what is taken together", d -> Taken.opened(d, layer)),
                    ((Together) l.structure()).layers().size()));
        } else {
            chooseNew(studio.editDesign("take together " + words(layers), d -> {
                Recipe.refuseLocked(d, layers);
                List<String> names = d.layers().stream().map(Layer::name).toList();
                return Taken.together(d, layers,
                        names.contains("Together") ? Palette.freeName("Together", names) : "Together");
            }), 1);
        }
    }

    boolean grouped() {
        return all(l -> !l.group().isEmpty());
    }

    void group() {
        Set<Integer> layers = chosen();
        studio.design().ifPresent(d -> {
            List<String> names = d.layers().stream().map(Layer::group).toList();
            String name = names.contains("Group") ? Palette.freeName("Group", names) : "Group";
            studio.editDesign("group " + words(layers), x -> Recipe.grouped(x, layers, name));
        });
    }

    void ungroup() {
        Set<Integer> layers = chosen();
        studio.editDesign("ungroup " + words(layers), d -> Recipe.grouped(d, layers, ""));
    }

    void copy() {
        studio.design().filter(d -> !chosen().isEmpty()).ifPresent(d -> {
            held = Optional.of(new Held(d, chosen()));
            studio.say(Message.hint("%s copied with %s inks; paste into any design."
                    .formatted(upper(words(chosen())), chosen().size() == 1 ? "its" : "their")));
        });
    }

    void paste() {
        held.ifPresent(h -> chooseNew(studio.editDesign("paste layers",
                d -> Recipe.brought(d, h.from(), h.layers())), h.layers().size()));
    }

    private static String upper(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
