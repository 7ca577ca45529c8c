package org.vatwright.files.wif;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.draft.Draft;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.files.disk.Disk;
import org.vatwright.files.disk.Limits;

/**
 * What a weaving file says.
 *
 * @param colours of the colour table, at least one
 * @param warp,weft for each end and pick its place in the colour table, counted from 0
 * @param endsPerCm,picksPerCm from the spacing; empty where the file says none
 * @param warpWidth,weftWidth thickness as a share of the spacing, 0.05 to 1; empty where the file says none
 * @param text the file itself, so that what is not understood is kept when it is written again
 */
@RecordBuilder
public record WifFile(String title, Draft draft, List<Rgb> colours, List<Integer> warp, List<Integer> weft,
        Optional<Double> endsPerCm, Optional<Double> picksPerCm, Optional<Double> warpWidth,
        Optional<Double> weftWidth, List<WifFinding> findings, String text) implements WifFileBuilder.With {

    /** No weaving file of 4,000 ends and picks comes near it. */
    public static final int MOST_BYTES = 4_000_000;
    public static final String SUFFIX = ".wif";

    /** @throws Refusal when it cannot be read, is too large or holds nothing to weave */
    public static WifFile read(Path path) {
        WifFile file = parse(Disk.read(path, Limits.STANDARD));
        String name = path.getFileName().toString().replaceFirst("(?i)\\.wif$", "");
        return file.title.isEmpty() ? file.withTitle(name.isBlank() ? "Weave" : name) : file;
    }

    public static WifFile parse(byte[] bytes) {
        Require.that(bytes.length <= MOST_BYTES, "the file is larger than %,d bytes, which no weaving file needs"
                .formatted(MOST_BYTES));
        List<WifFinding> findings = new ArrayList<>();
        return WifReader.read(decode(bytes, findings), findings);
    }

    private static String decode(byte[] bytes, List<WifFinding> findings) {
        if (bytes.length > 2 && (bytes[0] & 255) == 0xEF && (bytes[1] & 255) == 0xBB && (bytes[2] & 255) == 0xBF) {
            return new String(bytes, 3, bytes.length - 3, StandardCharsets.UTF_8);
        }
        if (bytes.length > 1 && ((bytes[0] & 255) == 0xFF && (bytes[1] & 255) == 0xFE
                || (bytes[0] & 255) == 0xFE && (bytes[1] & 255) == 0xFF)) {
            findings.add(new WifFinding("", "", "is in UTF-16; it will be written in UTF-8"));
            return new String(bytes, StandardCharsets.UTF_16);
        }
        try {
            return StandardCharsets.UTF_8.newDecoder().onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes)).toString();
        } catch (CharacterCodingException e) {
            findings.add(new WifFinding("", "", "is not in UTF-8; read as Windows-1252, written in UTF-8"));
            return new String(bytes, Charset.forName("windows-1252"));
        }
    }

    /** Writes it whole or not at all. */
    public void write(Path path) {
        Disk.writeWhole(path, out -> out.write(WifWriter.write(this).getBytes(StandardCharsets.UTF_8)));
    }

    /** @return the file as text, with what was not understood kept in place */
    public String written() {
        return WifWriter.write(this);
    }
}
