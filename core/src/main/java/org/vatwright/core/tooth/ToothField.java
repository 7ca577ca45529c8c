package org.vatwright.core.tooth;

/** A roughness on the places of one tile. Safe to use from several threads, each with a reader of its own. */
interface ToothField {

    float[] NO_PICK = {};

    Reader reader();

    /** Reads rows of places, best from the top. */
    interface Reader {
        /**
         * @param level 0 to 1, written whole
         * @param pick 0 to below 1, which of several inks; written whole
         */
        void row(int y, float[] level, float[] pick);

        /**
         * Writes a row in colours, of a field whose levels are how much is covered.
         *
         * @param level as long as the row, overwritten
         * @param byCover colours, the first where nothing is covered, the last where all is; the same ones for every row
         */
        default void shades(int y, float[] level, int[] byCover, int[] out, int at) {
            row(y, level, NO_PICK);
            for (int i = 0; i < level.length; i++) {
                out[at + i] = byCover[(int) (level[i] * (byCover.length - 1) + 0.5f)];
            }
        }
    }
}
