package org.vatwright.desktop.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SettingsTest {

    @TempDir
    Path folder;

    @Test
    void whatIsSetIsThereTheNextDay() throws IOException {
        Path project = Files.writeString(folder.resolve("R\u00f8sten ferry.vatwright"), "x");
        Settings first = new Settings(folder.resolve("own"));
        assertThat(first.lastProject()).isEmpty();
        assertThat(first.surround()).isEqualTo("grey");
        first.lastProject(project);
        first.surround("dark");
        Settings next = new Settings(folder.resolve("own"));
        assertThat(next.lastProject()).contains(project.toAbsolutePath());
        assertThat(next.surround()).isEqualTo("dark");
    }

    @Test
    void aProjectThatIsGoneIsNotOffered() throws IOException {
        Path project = Files.writeString(folder.resolve("gone.vatwright"), "x");
        new Settings(folder).lastProject(project);
        Files.delete(project);
        assertThat(new Settings(folder).lastProject()).isEmpty();
    }

    @Test
    void aSpoiltFileIsAsGoodAsNoneAndIsMendedByTheNextSetting() throws IOException {
        Files.write(folder.resolve("settings.properties"), "surround=\\uZZZZ".getBytes(StandardCharsets.US_ASCII));
        Settings spoilt = new Settings(folder);
        assertThat(spoilt.surround()).isEqualTo("grey");
        spoilt.surround("white");
        assertThat(new Settings(folder).surround()).isEqualTo("white");
    }

    @Test
    void aPathThatIsNoneOnThisSystemIsNotOffered() throws IOException {
        Files.write(folder.resolve("settings.properties"),
                "last.project=a\\u0000b\nsurround=white".getBytes(StandardCharsets.US_ASCII));
        Settings odd = new Settings(folder);
        assertThat(odd.lastProject()).isEmpty();
        assertThat(odd.surround()).isEqualTo("white");
    }

    @Test
    void whereNothingCanBeWrittenTheWindowStillWorks() throws IOException {
        Path notAFolder = Files.writeString(folder.resolve("file"), "x");
        Settings settings = new Settings(notAFolder);
        settings.surround("dark");
        assertThat(settings.surround()).isEqualTo("dark");
        assertThat(Files.readString(notAFolder)).isEqualTo("x");
    }
}
