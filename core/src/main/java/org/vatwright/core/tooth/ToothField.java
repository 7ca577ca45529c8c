package org.vatwright.core.tooth;

/** A roughness on the places of one tile. Safe to use from several threads, each with a reader of its own. */
interface ToothField {

    Reader reader();

    /** Reads rows of places, best from the top. */
    interface Reader {
        /**
         * @param level 0 to 1, written whole
         * @param pick 0 to below 1, which of several inks; written whole
         */
        void row(int y, float[] level, float[] pick);
    }
}
