package org.vatwright.desktop.frame;

import org.vatwright.core.measure.Id;
import org.vatwright.desktop.control.Styles;

import javafx.scene.Node;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Region;

import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Layers that are dragged: to another place of the recipe, or onto another design of the shelf. */
public record LayerDrag(Id design, Set<Integer> layers) {

    /** In front of the design and its layers while they are dragged. */
    private static final String SIGN = "vatwright-layers:";

    /** Where they fall. @param above over the upper half of what lies there */
    public record Drop(LayerDrag drag, boolean above) {}

    /** @return the layers that are dragged, when it is layers */
    public static Optional<LayerDrag> of(Dragboard board) {
        return Optional.ofNullable(board.getString()).filter(t -> t.startsWith(SIGN)).map(t -> {
            String[] parts = t.substring(SIGN.length()).split(" ");
            return new LayerDrag(new Id(parts[0]), Stream.of(parts).skip(1).map(Integer::valueOf)
                    .collect(Collectors.toUnmodifiableSet()));
        });
    }

    private ClipboardContent content() {
        ClipboardContent content = new ClipboardContent();
        content.putString(SIGN + design + " "
                + String.join(" ", layers.stream().map(String::valueOf).toList()));
        return content;
    }

    /** Lets layers be dragged from there. */
    public static void source(Node node, Supplier<Optional<LayerDrag>> dragged) {
        node.setOnDragDetected(e -> {
            dragged.get().filter(d -> !d.layers().isEmpty())
                    .ifPresent(d -> node.startDragAndDrop(TransferMode.COPY_OR_MOVE).setContent(d.content()));
            e.consume();
        });
    }

    /** Lets layers fall above or below a line of the recipe. */
    public static void target(Region node, Consumer<Drop> dropped) {
        node.setOnDragOver(e -> of(e.getDragboard()).ifPresent(d -> {
            e.acceptTransferModes(TransferMode.MOVE);
            mark(node, true, above(node, e));
            e.consume();
        }));
        node.setOnDragExited(e -> mark(node, false, false));
        node.setOnDragDropped(e -> of(e.getDragboard()).ifPresent(d -> {
            mark(node, false, false);
            dropped.accept(new Drop(d, above(node, e)));
            e.setDropCompleted(true);
            e.consume();
        }));
    }

    private static boolean above(Region node, DragEvent e) {
        return e.getY() < node.getHeight() / 2;
    }

    private static void mark(Node node, boolean over, boolean above) {
        node.pseudoClassStateChanged(Styles.DROP_ABOVE, over && above);
        node.pseudoClassStateChanged(Styles.DROP_BELOW, over && !above);
    }
}
