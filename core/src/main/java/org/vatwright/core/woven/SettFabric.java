package org.vatwright.core.woven;

import java.util.LinkedHashMap;
import java.util.Map;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.SettText;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;

/** A cloth whose threads are written as setts, in letters that stand for inks. */
public interface SettFabric extends FabricStructure {

    SettFabric withFabric(Fabric other);

    /** @return the ink each letter stands for; every ink of the cloth has one */
    Map<String, Ink> letters();

    /** @return with that sett in the warp or the weft, in those letters */
    SettFabric withSett(boolean warp, SettText text, Map<String, Ink> letters);

    /** @return the warp's or the weft's sett as text */
    default SettText text(boolean warp) {
        Map<Ink, String> written = new LinkedHashMap<>();
        letters().forEach((letter, ink) -> written.putIfAbsent(ink, letter));
        return SettText.of(warp ? fabric().warp() : fabric().weft(), written);
    }

    /** @return the threads a sett stands for; every letter must be known */
    static BandRun run(SettText text, Map<String, Ink> letters) {
        return text.run(letter -> {
            Ink ink = letters.get(letter);
            Require.that(ink != null, "%s stands for no ink yet".formatted(letter));
            return ink;
        });
    }
}
