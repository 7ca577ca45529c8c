package org.vatwright.core.project;

import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Require;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * One thing to produce.
 *
 * @param id for as long as it lives; names may repeat
 * @param task what is made
 * @param output the file it becomes
 */
@RecordBuilder
public record Job(Id id, String name, Task task, Output output) implements JobBuilder.With {

    public Job {
        name = Require.named("job", name);
        Require.that(!(task instanceof Task.Field) || !output.format().vector(),
                "%s is written for tiles and articles; choose PNG, JPEG or TIFF for a field"
                        .formatted(output.format()));
    }

    /** A new one. */
    public Job(String name, Task task, Output output) {
        this(Id.fresh(), name, task, output);
    }
}
