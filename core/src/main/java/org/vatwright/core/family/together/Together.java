package org.vatwright.core.family.together;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.coat.Coat;
import org.vatwright.core.coat.Stack;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TurnedLattice;

/**
 * Several layers taken together as one coat: laid over each other on clear ground, so that an effect, a blend, an opacity of
 * the layer that holds them is done to all of them at once. They stay as they are and can be opened again.
 *
 * @param layers from below, at least one, each with a number of its own among them
 */
public record Together(List<Layer> layers) implements Structure {

    public static final String FAMILY = "together";
    /** Layers within layers, so deep at most. */
    public static final int MOST_DEEP = 8;
    public static final int MOST_LAYERS = 100;

    public Together {
        layers = List.copyOf(layers);
        Require.within("layers taken together", layers.size(), 1, MOST_LAYERS);
        Set<Integer> ids = new HashSet<>();
        layers.forEach(l -> Require.that(ids.add(l.id()),
                "two layers taken together have the number %d; each needs its own".formatted(l.id())));
        Require.within("depth of layers taken together", deep(layers), 1, MOST_DEEP);
    }

    private static int deep(List<Layer> layers) {
        return 1 + layers.stream().mapToInt(l -> l.structure() instanceof Together t ? deep(t.layers) : 0).max()
                .orElse(0);
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<Ink> inks() {
        return layers.stream().flatMap(l -> l.inks().stream()).toList();
    }

    @Override
    public Together withInks(UnaryOperator<Ink> change) {
        return new Together(layers.stream().map(l -> l.withInks(change)).toList());
    }

    @Override
    public Together fitted(Repeat repeat) {
        return new Together(layers.stream().map(l -> l.withStructure(l.structure().fitted(repeat))).toList());
    }

    @Override
    public Painter painter(PaintRequest asked) {
        Stack stack = Stack.of(layers, 0, asked, Coat::of);
        int width = asked.grid().widthPx();
        return new Painter() {
            @Override
            public void paint(int[] out, int at, int from, int to) {
                Arrays.fill(out, at, at + (to - from) * width, 0);
                stack.over(out, at, from, to);
            }

            @Override
            public void paint(int[] out, int at, int from, int to, int wide, int left, int right) {
                Arrays.fill(out, at, at + (to - from) * (right - left), 0);
                stack.over(out, at, from, to, left, right);
            }
        };
    }

    @Override
    public boolean paintsFills() {
        return true;
    }

    @Override
    public boolean moves() {
        return layers.stream().anyMatch(Layer::moves);
    }

    @Override
    public boolean framesFollow() {
        return layers.stream().anyMatch(l -> l.structure().framesFollow());
    }

    @Override
    public Together resized(double by) {
        return new Together(layers.stream().map(l -> l.resized(by)).toList());
    }

    /** All of them, or none. */
    @Override
    public Optional<Structure> turned(Repeat repeat, TurnedLattice.Closing by) {
        List<Layer> turned = new ArrayList<>();
        for (Layer layer : layers) {
            Optional<Structure> structure = layer.structure().turned(repeat, by);
            if (structure.isEmpty() || layer.mask().isPresent()) {
                return Optional.empty();
            }
            turned.add(layer.withStructure(structure.get()).withFade(
                    layer.fade().map(f -> f.withCourse(f.course().turned(by.angleDeg())))));
        }
        return Optional.of(new Together(turned));
    }

    @Override
    public List<Finding> findings(Repeat repeat) {
        return layers.stream().flatMap(l -> l.structure().findings(repeat).stream()
                .map(f -> f.withCheck("%s: %s".formatted(l.name(), f.check())))).toList();
    }
}
