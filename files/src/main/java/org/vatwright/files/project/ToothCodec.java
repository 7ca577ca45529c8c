package org.vatwright.files.project;

import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

final class ToothCodec implements StructureCodec<Tooth> {

    @Override
    public String family() {
        return Tooth.FAMILY;
    }

    @Override
    public Class<Tooth> type() {
        return Tooth.class;
    }

    @Override
    public void write(Tooth tooth, ObjectNode out) {
        write(tooth.form(), out);
        out.put("moving", tooth.moving());
        ArrayNode inks = out.putArray("inks");
        for (Ink ink : tooth.inks()) {
            InkCodec.add(inks, ink);
        }
    }

    /** The roughness alone, as an effect has it too. */
    static void write(ToothForm form, ObjectNode out) {
        out.put("tooth", form.kind().words()).put("sizeMm", form.sizeMm()).put("amount", form.amount());
        out.put("directionDeg", form.directionDeg()).put("contrast", form.contrast()).put("seed", form.seed());
        out.put("x", form.x()).put("y", form.y());
    }

    static ToothForm form(JsonIn in) {
        ToothKind kind = in.at("tooth").placed(() -> ToothKind.parse(in.text("tooth")));
        ToothForm fresh = ToothForm.of(kind, in.number("sizeMm"));
        return new ToothForm(kind, fresh.sizeMm(), in.number("amount", fresh.amount()),
                in.number("directionDeg", fresh.directionDeg()), in.number("contrast", fresh.contrast()),
                in.longWhole("seed", 1), in.number("x", 0), in.number("y", 0));
    }

    @Override
    public Tooth read(JsonIn in) {
        in.only("family", "tooth", "sizeMm", "amount", "directionDeg", "contrast", "seed", "x", "y", "moving", "inks");
        return new Tooth(form(in), in.list("inks", InkCodec::read), in.truth("moving", false));
    }
}
