package org.vatwright.core.family.plaid;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Letters;
import org.vatwright.core.loom.SettText;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.woven.SettFabric;

/**
 * A plaid: a cloth of any sett, and the letters its sett is written in.
 *
 * @param letters the ink each letter stands for; every ink of the cloth has one
 * @param angleDeg above -180 to 180, counter-clockwise as seen
 */
public record Plaid(Fabric fabric, Map<String, Ink> letters, double angleDeg) implements SettFabric {

    public static final String FAMILY = "plaid";

    public Plaid {
        angleDeg = Angle.turn(angleDeg);
        Map<String, Ink> all = new TreeMap<>(letters);
        for (Ink ink : fabric.inks()) {
            if (!all.containsValue(ink)) {
                all.put(Letters.forSlot(ink.words(), all.keySet()), ink);
            }
        }
        letters = Collections.unmodifiableMap(all);
    }

    public Plaid(Fabric fabric) {
        this(fabric, Map.of(), 0);
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<Ink> inks() {
        return new ArrayList<>(fabric.inks());
    }

    @Override
    public Plaid withInks(UnaryOperator<Ink> change) {
        Map<String, Ink> changed = new LinkedHashMap<>();
        letters.forEach((letter, ink) -> changed.put(letter, change.apply(ink)));
        return new Plaid(fabric.withInks(change), changed, angleDeg);
    }

    @Override
    public Plaid withFabric(Fabric other) {
        return new Plaid(other, letters, angleDeg);
    }

    public Plaid withAngle(double degrees) {
        return new Plaid(fabric, letters, degrees);
    }

    /** @return with a letter standing for that ink */
    public Plaid withLetter(String letter, Ink ink) {
        Map<String, Ink> more = new LinkedHashMap<>(letters);
        more.put(letter, ink);
        return new Plaid(fabric, more, angleDeg);
    }

    @Override
    public Plaid closed(double degrees, double endsPerCm, double picksPerCm) {
        return withFabric(fabric.withCounts(endsPerCm, picksPerCm)).withAngle(degrees);
    }

    /** @return with that sett in the warp or the weft; every letter must be known */
    public Plaid withText(boolean warp, SettText text) {
        return withSett(warp, text, letters);
    }

    @Override
    public Plaid withSett(boolean warp, SettText text, Map<String, Ink> inks) {
        return new Plaid(fabric.withRun(warp, SettFabric.run(text, inks)), inks, angleDeg);
    }
}
