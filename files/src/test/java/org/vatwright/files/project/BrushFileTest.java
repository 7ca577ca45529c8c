package org.vatwright.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.ShippedBrushes;
import org.vatwright.core.brush.TipForm;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.shape.Outline;

/** Brushes in files of their own. */
class BrushFileTest {

    @TempDir
    private Path folder;

    @Test
    void everyBrushComesBackAsItWas() {
        List<Brush> brushes = new ArrayList<>(ShippedBrushes.ALL);
        byte[] ink = new byte[TipForm.OfPicture.MOST_PX * 3];
        for (int i = 0; i < ink.length; i++) {
            ink[i] = (byte) (i * 7);
        }
        brushes.add(ShippedBrushes.ALL.get(0).withName("Gull")
                .formed(new TipForm.OfOutline(Outline.parse("M 0 0 L 3 1 Q 2 2 0 1 Z"))));
        brushes.add(ShippedBrushes.ALL.get(5).withName("Stamp")
                .formed(new TipForm.OfPicture(TipForm.OfPicture.MOST_PX, 3, ink)));
        Path file = folder.resolve("brushes.json");
        BrushFile.write(brushes, file);
        assertThat(BrushFile.read(file)).isEqualTo(brushes);
        BrushFile.write(List.of(), file);
        assertThat(BrushFile.read(file)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"{}|holds no brushes",
            "{\"format\":\"vatwright-brushes\"}|lacks \"brushes\"",
            "{\"format\":\"vatwright-brushes\",\"version\":2,\"brushes\":[]}|of version 2",
            "{\"format\":\"vatwright-brushes\",\"brushes\":[{\"name\":\"A\",\"tip\":\"round\"}]}|brushes[0] lacks \"sizeMm\"",
            "{\"format\":\"vatwright-brushes\",\"brushes\":[{\"name\":\"A\",\"tip\":\"round\",\"sizeMm\":1,\"outline\":\"M 0 0 L 1 0 L 1 1 Z\"}]}|made of nothing else",
            "{\"format\":\"vatwright-brushes\",\"brushes\":[{\"name\":\"A\",\"tip\":\"motif\",\"sizeMm\":1,\"outline\":\"M 0 0 L 1 0\"}]}|outline",
            "{\"format\":\"vatwright-brushes\",\"brushes\":[{\"name\":\"A\",\"tip\":\"picture\",\"sizeMm\":1,\"picture\":\"data:image/png;base64,%%\"}]}|breaks off",
            "{\"format\":\"vatwright-brushes\",\"brushes\":[{\"name\":\"A\",\"tip\":\"picture\",\"sizeMm\":1,\"picture\":\"gull.png\"}]}|begins with",
            "[1,2]|holds no brushes", "{\"format\":|no JSON"})
    void whatIsNoBrushIsRefusedInASentence(String json, String sentence) throws Exception {
        Path file = folder.resolve("bad.json");
        Files.writeString(file, json);
        assertThatThrownBy(() -> BrushFile.read(file)).isInstanceOf(Refusal.class).hasMessageContaining(sentence)
                .hasMessageContaining("bad.json");
    }

    @Test
    void aPictureIsATipByItsDarknessAndALargeOneIsMadeSmaller() {
        Raster picture = new Raster(4, 1, new int[]{0xFF000000, 0xFFFFFFFF, 0, 0x80000000});
        TipForm.OfPicture tip = TipPictures.of(picture);
        assertThat(new int[]{tip.at(0, 0), tip.at(1, 0), tip.at(2, 0), tip.at(3, 0)}).containsExactly(255, 0, 0, 128);
        Raster large = new Raster(3000, 1500);
        java.util.Arrays.fill(large.argb(), 0xFF404040);
        TipForm.OfPicture small = TipPictures.of(large);
        assertThat(small.width()).isEqualTo(TipForm.OfPicture.MOST_PX);
        assertThat(small.aspect()).isEqualTo(2);
        assertThat(small.at(100, 100)).isEqualTo(255 - 0x40);
    }
}
