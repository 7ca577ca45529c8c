package org.vatwright.desktop.studio;

/** Something being watched; closed by whoever opened it. */
@FunctionalInterface
public interface Observation extends AutoCloseable {

    @Override
    void close();
}
