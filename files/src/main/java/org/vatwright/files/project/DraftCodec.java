package org.vatwright.files.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.Squares;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * A draft in JSON: for each end its shaft, for each treadle its shafts, for each pick its treadle, all counted from 1;
 * several or none stand in a list of their own.
 */
final class DraftCodec {

    private DraftCodec() {}

    static void write(ObjectNode out, Draft draft) {
        ObjectNode node = out.putObject("draft").put("shafts", draft.shafts());
        if (!draft.rising()) {
            node.put("shed", "sinking");
        }
        marks(node.putArray("threading"), draft.threading().turned());
        draft.tieUp().ifPresent(t -> {
            node.put("treadles", draft.treadles());
            marks(node.putArray("tieUp"), t.turned());
        });
        marks(node.putArray(draft.tieUp().isPresent() ? "treadling" : "liftPlan"), draft.treadling());
    }

    /** A row each. */
    private static void marks(ArrayNode out, Squares squares) {
        for (int row = 0; row < squares.rows(); row++) {
            List<Integer> marked = new ArrayList<>();
            for (int column = 0; column < squares.columns(); column++) {
                if (squares.at(column, row)) {
                    marked.add(column + 1);
                }
            }
            if (marked.size() == 1) {
                out.add(marked.getFirst());
            } else {
                marked.forEach(out.addArray()::add);
            }
        }
    }

    static Draft read(JsonIn in) {
        in.only("shafts", "shed", "threading", "treadles", "tieUp", "treadling", "liftPlan");
        int shafts = in.whole("shafts", 1);
        boolean rising = switch (in.text("shed", "rising")) {
            case "rising" -> true;
            case "sinking" -> false;
            default -> throw in.at("shed").wrong("should be \"rising\" or \"sinking\"");
        };
        boolean plan = in.has("liftPlan");
        int treadles = in.whole("treadles", shafts);
        return in.placed(() -> new Draft(squares(in, "threading", shafts).turned(),
                plan ? Optional.empty() : Optional.of(squares(in, "tieUp", shafts).turned()),
                squares(in, plan ? "liftPlan" : "treadling", plan ? shafts : treadles), rising));
    }

    private static Squares squares(JsonIn in, String name, int columns) {
        List<List<Integer>> rows = in.list(name, item -> numbers(item, columns));
        return Squares.by(columns, rows.size(), (c, r) -> rows.get(r).contains(c + 1));
    }

    private static List<Integer> numbers(JsonIn item, int most) {
        return item.isList() ? item.items(i -> number(i, most)) : List.of(number(item, most));
    }

    private static int number(JsonIn in, int most) {
        double value = in.asNumber();
        if (value != Math.rint(value) || value < 1 || value > most) {
            throw in.wrong("should be a whole number, 1 to %d".formatted(most));
        }
        return (int) value;
    }
}
