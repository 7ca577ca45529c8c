package org.vatwright.desktop.draft;

/** The parts of the draft grid. */
enum DraftPart {
    WARP_INKS("warp colours"), THREADING("threading"), TIE_UP("tie-up"), TREADLING("treadling"), LIFT_PLAN(
            "lift plan"), WEFT_INKS("weft colours"), DRAWDOWN("drawdown");

    private final String words;

    DraftPart(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }

    boolean inks() {
        return this == WARP_INKS || this == WEFT_INKS;
    }
}
