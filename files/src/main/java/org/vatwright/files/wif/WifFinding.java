package org.vatwright.files.wif;

/**
 * What was not as it should be in a weaving file, and what was made of it.
 *
 * @param section,key where; empty where none can be named
 */
public record WifFinding(String section, String key, String sentence) {

    /** @return such as "[WARP] Threads: 4 are said, 6 are threaded" */
    @Override
    public String toString() {
        String place = section.isEmpty() ? "file" : "[%s]%s".formatted(section, key.isEmpty() ? "" : " " + key);
        return place + ": " + sentence;
    }
}
