package org.vatwright.core.inspect;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.measure.Density;
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
        List<Finding> findings = Inspection.of(design, Samples.morning(), new Density(30), TileSource.PAINTED,
                Work.on(2));
        assertThat(findings).isSortedAccordingTo((a, b) -> a.severity().compareTo(b.severity()));
        assertThat(findings).filteredOn(f -> f.check().contains("closes nearly")).singleElement()
                .satisfies(f -> {
                    assertThat(f.words()).contains("ways to have it exact");
                    Design cured = f.cure().orElseThrow().change().apply(design);
                    assertThat(Inspection.of(cured, Samples.morning(), new Density(30), TileSource.PAINTED, Work.on(2)))
                            .noneMatch(Finding::closesNearly).anyMatch(x -> x.check().contains("closes"));
                });
        assertThat(findings).filteredOn(f -> f.check().equals("Width in whole pixels")).singleElement()
                .satisfies(f -> assertThat(f.severity()).isEqualTo(Severity.LOOK));
        assertThat(findings).filteredOn(f -> f.check().equals("Seam steps")).singleElement()
                .satisfies(f -> assertThat(f.severity()).isEqualTo(Severity.FINE));
    }
}
