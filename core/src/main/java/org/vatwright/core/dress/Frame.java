package org.vatwright.core.dress;

/** What is drawn of an article, in its pixels. @param right,bottom excluded */
record Frame(int left, int top, int right, int bottom) {

    int width() {
        return right - left;
    }

    int height() {
        return bottom - top;
    }

    Frame rows(int from, int to) {
        return new Frame(left, from, right, to);
    }
}
