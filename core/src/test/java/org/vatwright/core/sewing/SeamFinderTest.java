package org.vatwright.core.sewing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.shape.Outline;

class SeamFinderTest {

    private static final Design DOTS = Samples.design(30, 24, Arrangement.STRAIGHT, Samples.dots(4, 1, 3));

    private static Piece piece(String name, String outline) {
        return new Piece(new Id(name), name, Outline.parse(outline), Optional.empty());
    }

    /** A front with a sleeve at its right side and a pocket on it; a cuff 1 mm below the sleeve; a patch far away. */
    private static Article.Flat smock() {
        return new Article.Flat(new Id("a"), "Smock", 1000, 600, List.of(
                piece("front", "M 100 100 L 400 100 L 400 500 L 100 500 Z"),
                piece("pocket", "M 150 150 L 250 150 L 250 260 L 150 260 Z"),
                piece("sleeve", "M 401 120 L 520 160 L 520 300 L 401 300 Z"),
                piece("cuff", "M 521 160 L 560 160 L 560 300 L 521 300 Z"),
                piece("patch", "M 800 100 L 900 100 L 900 200 Z")), List.of(), Dressings.NONE);
    }

    @Test
    void neighboursAreSewnAlongWhatTheyHaveInCommonAndAPocketOnWhatItLies() {
        List<Seam> seams = SeamFinder.found(smock(), 2);
        assertThat(seams).extracting(s -> s.first().piece().text() + "+" + s.second().piece().text())
                .containsExactly("front+pocket", "front+sleeve", "sleeve+cuff");
        assertThat(seams.getFirst().laidOn()).isTrue();
        SeamLine line = SeamLine.of(smock(), seams.get(1));
        // The sleeve's left side, 180 mm, bottom to top; each place of it beside the front's.
        for (int k = 0; k < line.first().size(); k++) {
            assertThat(line.first().get(k).far(line.second().get(k))).isLessThan(2.5);
            assertThat(line.first().get(k).x()).isEqualTo(400, within(1e-9));
        }
        assertThat(line.second().getFirst().far(line.second().getLast())).isBetween(174.0, 180.0);
        assertThat(SeamFinder.found(smock(), 0.5)).hasSize(1);
    }

    @Test
    void foundOnceMoreSeamsKeepWhatWasSetOfThem() {
        List<Seam> found = SeamFinder.found(smock(), 2);
        Seam level = found.get(1).turned().withMeets(Seam.Meets.LEVEL).withNotch(new Seam.Notch(0.5, 0.4));
        Seam pocket = found.getFirst().withMeets(Seam.Meets.UPRIGHT);
        Article.Flat sewn = SeamFinder.sewn(smock().with().seams(List.of(level, pocket)).build(), 2);
        assertThat(sewn.seams()).containsExactly(level, pocket, found.get(2));
        assertThat(SeamFinder.sewn(sewn, 2)).isEqualTo(sewn);
    }

    @Test
    void aChainGoesFromPieceToPieceAndTellsItsOrder() {
        Article.Flat smock = smock().with().seams(SeamFinder.found(smock(), 2)).build();
        Lay lay = new Lay(DOTS.id(), DOTS.palette().first().name());
        int n = 0;
        for (Piece piece : smock.pieces()) {
            smock = smock.withDressings(smock.dressings().with(piece.id(), Optional.of(lay.withStart(7 * n, 5 * n++))));
        }
        SeamChain chain = SeamChain.matched(smock, new Id("front"), false, id -> Optional.of(DOTS));
        assertThat(chain.steps()).extracting(s -> s.laid().map(Id::text).orElse("-"))
                .containsExactly("pocket", "sleeve", "cuff");
        assertThat(chain.steps()).allSatisfy(s -> assertThat(s.left().orElseThrow().most()).isLessThan(1.2));
        assertThat(chain.steps().getFirst().left().orElseThrow().most()).isLessThan(1e-6);
        assertThat(chain.article().dressing(new Id("front"))).isEqualTo(smock.dressing(new Id("front")));
        assertThat(chain.article().dressing(new Id("patch"))).isEqualTo(smock.dressing(new Id("patch")));
        // From the cuff on the order is the other way round.
        assertThat(SeamChain.matched(smock, new Id("cuff"), false, id -> Optional.of(DOTS)).steps())
                .extracting(s -> s.laid().map(Id::text).orElse("-")).containsExactly("sleeve", "front", "pocket");
    }

    @Test
    void whatIsLeftIsToldByDirection() {
        SeamMatch.Left both = new SeamMatch.Left(List.of(0.0, 3.2), 2.0, 2.5);
        assertThat(both.words()).isEqualTo("up to 3.2 mm off: 2 across, 2.5 along");
        assertThat(new SeamMatch.Left(List.of(0.0, 3.2), 0.01, 3.2).words())
                .isEqualTo("up to 3.2 mm off along; across it meets");
        assertThat(new SeamMatch.Left(List.of(0.001), 0.001, 0).words()).startsWith("meets");
    }

    /** On the sleeve's left side, 180 mm, backwards from below; and past both its ends. */
    @Test
    void aPlaceBesideAnEdgeIsAShareOfIt() {
        Seam seam = SeamFinder.found(smock(), 2).get(1);
        SeamLine line = SeamLine.of(smock(), seam);
        for (int k = 0; k < line.share().size(); k += 20) {
            assertThat(SeamLine.near(smock(), seam.second(), line.second().get(k).moved(0.5, 0)).share())
                    .isEqualTo(line.share().get(k), within(1e-6));
            assertThat(SeamLine.near(smock(), seam.first(), line.first().get(k).moved(-0.5, 0)).share())
                    .isEqualTo(line.share().get(k), within(1e-6));
        }
        assertThat(SeamLine.near(smock(), seam.second(), new Place(430, 130)).share()).isIn(0.0, 1.0);
    }
}
