package org.vatwright.core.inspect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.CheckLimit;
import org.vatwright.core.pattern.CheckLimits;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Finding.Severity;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Arrangement;

class InspectionTest {

    @Test
    void aTileWhoseEdgesDoNotMeetIsFound() {
        Raster ramp = new Raster(64, 64);
        for (int i = 0; i < 64 * 64; i++) {
            ramp.argb()[i] = 0xFF000000 | i % 64 * 4;
        }
        assertThat(SeamCheck.of(ramp).severity()).isEqualTo(Severity.WRONG);
        assertThat(SeamCheck.ratio(ramp)).isGreaterThan(40);
    }

    @Test
    void theWorstStandsFirst() {
        Design design = Samples.design(20, 20, Arrangement.STRAIGHT, Samples.stripes(30, 3, 4));
        List<Finding> findings = Inspection.of(Samples.cloth(design), new Density(30), CheckLimits.USUAL,
                TileSource.PAINTED,
                Work.on(2));
        assertThat(findings).isSortedAccordingTo((a, b) -> a.severity().compareTo(b.severity()));
        assertThat(findings).filteredOn(f -> f.check().contains("closes nearly")).singleElement()
                .satisfies(f -> {
                    assertThat(f.words()).contains("ways to have it exact");
                    Design cured = f.cure().orElseThrow().change().apply(design);
                    assertThat(Inspection.of(Samples.cloth(cured), new Density(30), CheckLimits.USUAL,
                            TileSource.PAINTED, Work.on(2)))
                            .noneMatch(Finding::closesNearly).anyMatch(x -> x.check().contains("closes"));
                });
        assertThat(findings).filteredOn(f -> f.check().equals("Width in whole pixels")).singleElement()
                .satisfies(f -> assertThat(f.severity()).isEqualTo(Severity.LOOK));
        assertThat(findings).filteredOn(f -> f.check().equals("Seam steps")).singleElement()
                .satisfies(f -> assertThat(f.severity()).isEqualTo(Severity.FINE));
    }

    private static Finding stretch(double mmAt30Dpi, CheckLimits limits) {
        Design design = Samples.design(mmAt30Dpi, 20, Arrangement.STRAIGHT, Samples.stripes(0, mmAt30Dpi));
        return Inspection.of(Samples.cloth(design), new Density(30), limits, TileSource.PAINTED, Work.on(2)).stream()
                .filter(f -> f.check().equals("Width in whole pixels")).findFirst().orElseThrow();
    }

    @Test
    void whatIsAboveALimitIsToldAndALooserLimitPassesIt() {
        // 25 px at 30 dpi are 21.1667 mm: 21.2 mm is drawn 1.57 in a thousand too small.
        Finding strict = stretch(21.2, CheckLimits.USUAL);
        assertThat(strict.severity()).isEqualTo(Severity.LOOK);
        assertThat(strict.limit()).isEqualTo("1 \u2030");
        assertThat(strict.words()).contains("too small");
        Finding loose = stretch(21.2, CheckLimits.USUAL.with(CheckLimit.STRETCH, 1.6));
        assertThat(loose.severity()).isEqualTo(Severity.FINE);
        assertThat(loose.limit()).isEqualTo("1.6 \u2030");
        assertThat(loose.words()).isEmpty();
        assertThat(stretch(21.2, CheckLimits.USUAL.with(CheckLimit.STRETCH, 1.5)).severity())
                .isEqualTo(Severity.LOOK);
        assertThat(stretch(21.2, CheckLimits.USUAL.with(CheckLimit.FLOAT, 3))).isEqualTo(strict);
    }

    @Test
    void aLimitThatIsTheUsualOneIsNotKeptAndOneThatCannotBeIsRefused() {
        assertThat(CheckLimits.USUAL.with(CheckLimit.FLOAT, 12).with(CheckLimit.FLOAT, 10))
                .isEqualTo(CheckLimits.USUAL);
        assertThatThrownBy(() -> CheckLimits.USUAL.with(CheckLimit.SEAM_STEP, 0.5)).isInstanceOf(Refusal.class)
                .hasMessageContaining("step at a seam").hasMessageContaining("from 1");
    }
}
