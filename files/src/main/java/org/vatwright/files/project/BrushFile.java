package org.vatwright.files.project;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.List;

import org.vatwright.core.brush.Brush;
import org.vatwright.core.measure.Refusal;
import org.vatwright.files.disk.Disk;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

/** Brushes in a file of their own, to be kept and handed on. */
public final class BrushFile {

    private static final String FORMAT = "vatwright-brushes";
    private static final int VERSION = 1;

    private BrushFile() {}

    public static void write(List<Brush> brushes, Path file) {
        ObjectNode out = Json.object().put("format", FORMAT).put("version", VERSION);
        ArrayNode all = out.putArray("brushes");
        brushes.forEach(b -> BrushCodec.write(b, all.addObject()));
        byte[] json = Json.write(out);
        Disk.writeWhole(file, stream -> stream.write(json));
    }

    /** @throws Refusal when it cannot be read, or holds something else */
    public static List<Brush> read(Path file) {
        return Json.read(Disk.read(file, Limits.STANDARD), file.getFileName().toString(), BrushFile::brushes);
    }

    private static List<Brush> brushes(JsonIn in) {
        if (!in.text("format", "").equals(FORMAT)) {
            throw in.wrong("holds no brushes: its \"format\" should be \"%s\"".formatted(FORMAT));
        }
        in.only("format", "version", "brushes");
        int version = in.whole("version", VERSION);
        if (version > VERSION) {
            throw in.wrong("is of version %d; this program reads brushes up to version %d".formatted(version, VERSION));
        }
        return in.at("brushes").items(BrushCodec::read);
    }
}
