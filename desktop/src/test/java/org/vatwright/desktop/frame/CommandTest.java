package org.vatwright.desktop.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CommandTest {

    private final List<String> done = new ArrayList<>();

    private Command plain(String words, String place) {
        return new Command(words, place, () -> done.add(words));
    }

    private Command field(String words) {
        return new Command(words, "", () -> done.add("into " + words), Optional.of(v -> done.add(words + " = " + v)));
    }

    @ParameterizedTest
    @CsvSource({"opacity 40, opacity, 40", "Cell Width 1/2in, cell width, 1/2in", "add dots, add dots, ''",
            "turn -45, turn, -45", "ink #336699, ink, #336699", "gap .5 mm, gap, .5 mm", "'', '', ''",
            "2/2 twill, 2/2 twill, ''", "share of motif 2 0.4, share of motif, 2 0.4"})
    void whatStandsBehindTheWordsIsTheValue(String text, String words, String value) {
        Command.Typed typed = Command.Typed.of(text);
        assertThat(String.join(" ", typed.words())).isEqualTo(words);
        assertThat(typed.value()).isEqualTo(value);
    }

    @ParameterizedTest
    @CsvSource({"op, true", "opac layer, false", "add, false", "surf, true", "opacity surface, true", "pacity, false"})
    void everyWordBeginsOneOfTheCommandOrItsPlace(String text, boolean meant) {
        assertThat(plain("opacity", "Surface").match(Command.Typed.of(text)) >= 0).isEqualTo(meant);
    }

    @ParameterizedTest
    @CsvSource({"Half-drop, half-drop", "Half-drop, half drop", "Half-drop, drop", "Cut-out, cut-out", "Cut-out, cut-",
            "twill 2/2, 2/2 twill", "twill 2/2, twill 2/2"})
    void whatASignJoinsIsFoundAsItIsWritten(String words, String text) {
        Command command = field(words);
        assertThat(command.match(new Command.Typed(List.of(text.split(" ")), ""))).isNotNegative();
    }

    @Test
    void aNumberIsMeantOnlyForAField() {
        assertThat(plain("opacity", "").match(Command.Typed.of("opacity 40"))).isNegative();
        assertThat(field("opacity").match(Command.Typed.of("opacity 40"))).isNotNegative();
    }

    @Test
    void theNearerIsTheBetterMeant() {
        Command.Typed typed = Command.Typed.of("add dots");
        int whole = plain("Add dots", "").match(typed);
        assertThat(whole).isLessThan(plain("Add a row of dots", "").match(typed));
        assertThat(whole).isLessThan(plain("Dots, add one more", "").match(typed));
        assertThat(plain("ink", "").match(Command.Typed.of("ink")))
                .isLessThan(plain("inks", "").match(Command.Typed.of("ink")));
    }

    @Test
    void whatIsClosedIsOpenedFirst() {
        Command inside = field("gap").in("Placing", () -> done.add("open"));
        assertThat(inside.place()).isEqualTo("Placing");
        inside.act().run();
        inside.value().orElseThrow().accept("3");
        assertThat(done).containsExactly("open", "into gap", "open", "gap = 3");
    }
}
