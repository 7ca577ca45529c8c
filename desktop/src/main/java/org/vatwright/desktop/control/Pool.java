package org.vatwright.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;

import javafx.scene.Node;
import javafx.scene.layout.Pane;

/**
 * Nodes of one kind at the beginning of a pane, as many of them seen as are asked for. The others wait there hidden: a node that
 * comes into the window is styled, which takes longer than all else that is done with it.
 *
 * @param <N> of this kind
 */
public final class Pool<N extends Node> {

    private final Pane pane;
    private final IntFunction<N> make;
    private final List<N> all = new ArrayList<>();
    private boolean laidOut;
    private int seen;

    /** @param make makes the one at a place */
    public Pool(Pane pane, IntFunction<N> make) {
        this.pane = pane;
        this.make = make;
    }

    /** @return so many, the first of all there are, made where they are missing; all others are hidden */
    public List<N> show(int count) {
        while (all.size() < count) {
            add();
        }
        seen(count);
        return seen();
    }

    /** Makes so many beforehand; those that are new wait hidden. @return all there are */
    public List<N> ready(int count) {
        while (all.size() < count) {
            add();
            all.getLast().applyCss();
        }
        seen(seen);
        return List.copyOf(all);
    }

    /** Shows those there are of so many. @return how many are missing */
    public int showMade(int count) {
        seen(Math.min(count, all.size()));
        return count - seen;
    }

    /** @return the next one, made and shown */
    public N another() {
        if (seen == all.size()) {
            add();
        }
        seen(seen + 1);
        return all.get(seen - 1);
    }

    public List<N> seen() {
        return List.copyOf(all.subList(0, seen));
    }

    /** Forgets all of them: those to come are of another make. */
    public void clear() {
        pane.getChildren().removeAll(all);
        all.clear();
        seen = 0;
    }

    private void add() {
        N node = make.apply(all.size());
        laidOut = node.isManaged();
        pane.getChildren().add(all.size(), node);
        all.add(node);
    }

    private void seen(int count) {
        seen = count;
        for (int i = 0; i < all.size(); i++) {
            Node node = all.get(i);
            node.setVisible(i < count);
            // Those that are placed by hand stay so.
            node.setManaged(i < count && laidOut);
        }
    }
}
