package org.vatwright.files.wif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.NamedWeave;
import org.vatwright.core.draft.Origin;
import org.vatwright.core.draft.Squares;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.loom.Look;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;

class WifTest {

    /** Keys in any order and case, an unknown section and unknown keys, comments. */
    private static final String TWILL = """
            ; Deck canvas
            [WIF]
            Version=1.1
            [CONTENTS]
            threading=yes
            TIEUP=yes
            Loom Notes=yes
            [Weft]
            threads=4
            Color=2
            Units=inches
            Spacing=0.05 ; twenty an inch
            [WARP]
            Threads=4
            Units=Decipoints
            Spacing=36
            Thickness=27
            Odd Key=stays
            [WEAVING]
            Treadles=4
            Shafts=4
            rising shed=YES
            [Loom Notes]
            1=warped by Ingrid
            second line without a key
            [COLOR TABLE]
            2=999,999,900
            1=0,150,300
            [COLOR PALETTE]
            Range=0,999
            Entries=2
            [WARP COLORS]
            3=2
            1=1
            2=1
            4=1
            [TIEUP]
            1=1,2
            2=2,3
            3=3,4
            4=4,1
            [TREADLING]
            1=1
            2=2
            3=3
            4=4
            [threading]
            04=4
            1=1
            2=2
            3=3
            """;

    private static WifFile read(String text) {
        return WifFile.parse(text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void readsWhatAWeaverWrote() {
        WifFile file = read(TWILL);
        assertThat(file.draft().drawdown()).isEqualTo(
                Squares.by(4, 4, (end, pick) -> Math.floorMod(end - pick, 4) < 2));
        assertThat(file.colours()).containsExactly(new Rgb(0, 38, 77), new Rgb(255, 255, 230));
        assertThat(file.warp()).containsExactly(0, 0, 1, 0);
        assertThat(file.weft()).containsExactly(1, 1, 1, 1);
        assertThat(file.endsPerCm().orElseThrow()).isCloseTo(20 / 2.54, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(file.picksPerCm().orElseThrow()).isCloseTo(20 / 2.54, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(file.warpWidth().orElseThrow()).isCloseTo(0.75, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(file.findings()).extracting(WifFinding::toString)
                .containsExactly("[LOOM NOTES]: line 25 has no key; it is kept but says nothing");
    }

    @Test
    void whatIsNotChangedStaysToTheLetter() {
        for (String text : List.of(TWILL, TWILL.replace("\n", "\r\n"))) {
            WifFile file = read(text);
            assertThat(file.written()).contains("Odd Key=stays", "second line without a key", "; twenty an inch",
                    "; Deck canvas", "04=4", "Range=0,999", "rising shed=YES");
            assertThat(file.written().contains("\r\n")).isEqualTo(text.contains("\r\n"));
            WifFile again = read(file.written());
            assertThat(again.written()).isEqualTo(file.written());
            Design design = WifDesign.design(file, Origin.USUAL, Look.WOVEN);
            Weaving weaving = (Weaving) design.layers().getFirst().structure();
            WifFile back = WifDesign.file(weaving, design.palette(), design.palette().first());
            assertThat(read(back.written()).draft()).isEqualTo(file.draft());
            assertThat(back.written()).contains("Odd Key=stays", "Range=0,999", "Spacing=36", "04=4");
            WifFile other = WifDesign.file(
                    weaving.inked(true, List.of(0), Ink.slot("Thread 2")).withDraft(
                            weaving.draft().withThreading(weaving.draft().threading().only(1, 3))),
                    design.palette(), design.palette().first());
            WifFile changed = read(other.written());
            assertThat(changed.warp()).containsExactly(1, 0, 1, 0);
            assertThat(changed.draft().threading().at(1, 3)).isTrue();
            assertThat(other.written()).contains("Odd Key=stays", "1=warped by Ingrid", "3=3,4");
        }
    }

    @Test
    void randomDraftsComeBackEqualWhateverTheyWereReadInto() {
        Random random = new Random(9);
        for (int n = 0; n < 60; n++) {
            Draft draft = random(random, n < 58 ? 120 : 2000);
            WifFile file = file(draft, random);
            WifFile read = read(file.written());
            assertThat(read.draft()).isEqualTo(draft);
            assertThat(read.colours()).isEqualTo(file.colours());
            assertThat(read.warp()).isEqualTo(file.warp());
            assertThat(read.weft()).isEqualTo(file.weft());
            assertThat(read.findings()).isEmpty();
            assertThat(read.written()).isEqualTo(file.written());
            if (draft.ends() <= 120) {
                Draft next = random(random, 120);
                WifFile over = file(next, random);
                WifFile mixed = new WifFile("Over", next, over.colours(), over.warp(), over.weft(), over.endsPerCm(),
                        over.picksPerCm(), over.warpWidth(), over.weftWidth(), List.of(), file.written());
                WifFile mixedRead = read(mixed.written());
                assertThat(mixedRead.draft()).isEqualTo(next);
                assertThat(mixedRead.warp()).isEqualTo(over.warp());
                assertThat(mixedRead.colours()).isEqualTo(over.colours());
                Design design = WifDesign.design(read, new Origin(n % 2 == 0, n % 3 == 0), Look.WOVEN);
                Weaving weaving = (Weaving) design.layers().getFirst().structure();
                WifFile back = WifDesign.file(weaving, design.palette(), design.palette().first());
                assertThat(back.written()).isEqualTo(file.written());
            }
        }
    }

    private static WifFile file(Draft draft, Random random) {
        List<Rgb> colours = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(6); i++) {
            colours.add(new Rgb(40 * i, random.nextInt(256), random.nextInt(256)));
        }
        return new WifFile("Random", draft, colours, places(random, draft.ends(), colours.size()),
                places(random, draft.picks(), colours.size()), Optional.of(8.0), Optional.of(12.5), Optional.empty(),
                Optional.empty(), List.of(), "");
    }

    private static List<Integer> places(Random random, int count, int colours) {
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            // Every colour is used, so that none is dropped on the way through a design.
            places.add(i < colours ? i : random.nextInt(colours));
        }
        return places;
    }

    private static Draft random(Random random, int most) {
        int shafts = 1 + random.nextInt(32);
        int ends = 8 + random.nextInt(most - 7);
        int picks = 8 + random.nextInt(most - 7);
        Squares threading = Squares.by(ends, shafts, (c, r) -> random.nextInt(shafts) == 0);
        if (random.nextInt(3) == 0) {
            return new Draft(threading, Optional.empty(), Squares.by(shafts, picks, (c, r) -> random.nextBoolean()),
                    random.nextBoolean());
        }
        int treadles = 1 + random.nextInt(32);
        return new Draft(threading, Optional.of(Squares.by(treadles, shafts, (c, r) -> random.nextBoolean())),
                Squares.by(treadles, picks, (c, r) -> random.nextInt(treadles) == 0), random.nextBoolean());
    }

    @Test
    void faultsAreFindingsThatNameSectionAndKey() {
        assertThat(faults(TWILL.replace("Threads=4\nUnits=Decipoints", "Threads=6\nUnits=Decipoints"))).containsExactly(
                "[THREADING] 5: 2 ends are left out, this one first; on no shaft");
        assertThat(faults(TWILL.replace("Shafts=4", "Shafts=3")))
                .containsExactly("[WEAVING] Shafts: says 3 shafts, 4 are used");
        assertThat(faults(TWILL.replace("Shafts=4\n", "")))
                .containsExactly("[WEAVING] Shafts: says no number of shafts; 4 are used");
        assertThat(faults(TWILL.replace("Range=0,999", "Range=0,255")))
                .containsExactly("[COLOR TABLE]: has 999, beyond the range 0,255; read as 0,999");
        assertThat(faults(TWILL.replace("3=2\n1=1", "3=7\n1=1")))
                .containsExactly("[WARP COLORS] 3: \"7\" is no colour of the table; the usual one is taken");
        assertThat(faults(TWILL.replace("[TIEUP]", "[TYE]")))
                .containsExactly("[TIEUP]: is missing; each treadle is tied to the shaft of its number");
        assertThat(faults(TWILL.replace("[WIF]\n", ""))).contains("[WIF]: is missing; read as version 1.1");
        assertThat(faults(TWILL.replace("1=1,2\n", "1=1,x\n1=2\n")))
                .containsExactly("[TIEUP] 1: stands twice; what comes "
                        + "first counts", "[TIEUP] 1: \"x\" is no whole number; left out");
        assertThat(faults(TWILL.replace("Units=inches", "Units=furlongs"))).containsExactly(
                "[WEFT] Units: \"furlongs\" is not known; centimeters, inches and decipoints are; read as centimeters");
        byte[] old = TWILL.replace("Ingrid", "J\u00f8rgen").getBytes(Charset.forName("windows-1252"));
        WifFile file = WifFile.parse(old);
        assertThat(file.findings().getFirst()).hasToString(
                "file: is not in UTF-8; read as Windows-1252, written in UTF-8");
        assertThat(file.written()).contains("J\u00f8rgen");
        assertThat(WifFile.parse(TWILL.getBytes(StandardCharsets.UTF_16)).draft()).isEqualTo(read(TWILL).draft());
    }

    /** All but the note without a key that the text has anyway. */
    private static List<String> faults(String text) {
        return read(text).findings().stream().map(WifFinding::toString).filter(f -> !f.contains("LOOM NOTES")).toList();
    }

    @Test
    void beyondTheLimitsItIsRefused() {
        assertThatThrownBy(() -> read(TWILL.replace("Shafts=4", "Shafts=40"))).isInstanceOf(Refusal.class)
                .hasMessageContaining("section [WEAVING], key Shafts").hasMessageContaining("1 to 32");
        assertThatThrownBy(() -> read(TWILL.replace("04=4", "04=33"))).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> read(TWILL.replace("[WARP]\nThreads=4", "[WARP]\nThreads=400000")))
                .isInstanceOf(Refusal.class).hasMessageContaining("1 to 4");
        assertThatThrownBy(() -> read("once upon a time")).hasMessageContaining("no weaving file");
        assertThatThrownBy(() -> read("[WIF]\nVersion=1.1\n")).hasMessageContaining("nothing to weave");
        assertThatThrownBy(() -> WifFile.parse(new byte[WifFile.MOST_BYTES + 1])).hasMessageContaining("larger than");
    }

    @Test
    void theLargestFileTakesNoMoreMemoryThanStated() {
        Random random = new Random(8);
        Draft draft = new Draft(Squares.by(4000, 32, (c, r) -> c % 32 == r), Optional.empty(),
                Squares.by(32, 4000, (c, r) -> random.nextBoolean()), true);
        byte[] bytes = file(draft, random).written().getBytes(StandardCharsets.UTF_8);
        var threads = (com.sun.management.ThreadMXBean) java.lang.management.ManagementFactory.getThreadMXBean();
        long before = threads.getCurrentThreadAllocatedBytes();
        assertThat(WifFile.parse(bytes).draft()).isEqualTo(draft);
        assertThat(threads.getCurrentThreadAllocatedBytes() - before).isLessThan(200L << 20);
    }

    @Test
    void tenThousandMutationsAreReadOrRefusedInASentence() {
        Random random = new Random(77);
        byte[] twill = TWILL.getBytes(StandardCharsets.UTF_8);
        byte[] satin = file(NamedWeave.parse("satin 8/3").draft(), random).written().getBytes(StandardCharsets.UTF_8);
        int read = 0;
        for (int n = 0; n < 10_000; n++) {
            byte[] bytes = mutated(n % 2 == 0 ? twill : satin, random);
            try {
                WifFile file = WifFile.parse(bytes);
                read++;
                assertThat(file.findings().size()).isLessThan(400);
                if (n % 10 == 0) {
                    assertThat(read(file.written()).draft()).isEqualTo(file.draft());
                }
            } catch (Refusal told) {
                assertThat(told.getMessage()).isNotBlank();
            }
        }
        assertThat(read).isGreaterThan(5000);
    }

    private static byte[] mutated(byte[] from, Random random) {
        String text = new String(from, StandardCharsets.ISO_8859_1);
        StringBuilder out = new StringBuilder(text);
        for (int k = 0; k <= random.nextInt(6); k++) {
            int at = random.nextInt(out.length());
            switch (random.nextInt(6)) {
                case 0 -> out.setCharAt(at, (char) random.nextInt(256));
                case 1 -> out.delete(at, Math.min(out.length(), at + random.nextInt(40)));
                case 2 -> out.insert(at, "99999999999");
                case 3 -> out.insert(at, out.substring(at, Math.min(out.length(), at + random.nextInt(60))));
                case 4 -> out.insert(at, "=[],;-1e9\u0000\n".charAt(random.nextInt(10)));
                default -> out.insert(at, random.nextBoolean() ? "\n[THREADING]\n" : "\n3=-1,,4,999\n");
            }
            if (out.isEmpty()) {
                out.append(' ');
            }
        }
        return out.toString().getBytes(StandardCharsets.ISO_8859_1);
    }
}
