package org.vatwright.files;

import java.util.Optional;

import org.vatwright.core.dress.Article;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;
import org.vatwright.files.demo.DemoCommission;

/** The demo as a test needs it. */
public final class Demos {

    private Demos() {}

    /** With its foil dots in a plain ink, the panel hanging nowhere, for tests that count the pictures they put in themselves. */
    public static Project withoutPictures() {
        return DemoCommission.load().editArticle(new Id("notice-panel"),
                a -> ((Article.Flat) a).with().backing(Optional.empty()).build())
                .edit(new Id("shoal"), d -> d.removeFill("Foil", Ink.slot("Foam")))
                .edit(new Id("old-chart"), d -> d.removeFill("Chart", Ink.slot("Paper")));
    }
}
