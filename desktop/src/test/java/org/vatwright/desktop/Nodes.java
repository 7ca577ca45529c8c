package org.vatwright.desktop;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Set;

import javafx.scene.Node;
import javafx.scene.Parent;

/** The nodes of a window as they are, seen or not: what is made anew is none of those that were there before. */
final class Nodes {

    private Nodes() {}

    /** @return the node and all within it, each by itself */
    static Set<Node> of(Node root) throws Exception {
        return Hand.onFx(() -> {
            Set<Node> all = Collections.newSetFromMap(new IdentityHashMap<>());
            collect(root, all);
            return all;
        });
    }

    private static void collect(Node node, Set<Node> all) {
        all.add(node);
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(n -> collect(n, all));
        }
    }
}
