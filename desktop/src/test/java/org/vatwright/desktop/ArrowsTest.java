package org.vatwright.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.vatwright.core.catalogue.Catalogue;
import org.vatwright.core.family.together.Together;
import org.vatwright.core.pattern.Structure;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

/** Holds the real imports against the arrows of docs/architecture.md. */
class ArrowsTest {

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("org.vatwright");

    /** From the top; each may use only those after it. */
    private static final String[] CORE = {"project", "catalogue", "inspect", "sewing", "dress", "finish",
            "drape",
            "render",
            "effect",
            "family.stripe",
            "family.check", "family.plaid", "family.weave", "family.dot", "family.motif", "family.block",
            "family.zigzag", "family.interlace", "family.flow", "family.tooth", "family.brush", "family.cover",
            "family.together",
            "coat", "brush", "stitch", "motif",
            "laid", "shape", "woven",
            "yarn", "loom",
            "band", "pattern", "draft", "tooth", "picture", "map", "raster", "repeat", "colour", "measure"};

    @Test
    void modulesPointInward() {
        layeredArchitecture().consideringOnlyDependenciesInAnyPackage("org.vatwright..").layer("core")
                .definedBy("org.vatwright.core..").layer("files").definedBy("org.vatwright.files..").layer("desktop")
                .definedBy("org.vatwright.desktop..").whereLayer("desktop").mayNotBeAccessedByAnyLayer()
                .whereLayer("files")
                .mayOnlyBeAccessedByLayers("desktop").check(ALL);
    }

    @Test
    void insideCoreEachPackageUsesOnlyThoseBelowIt() {
        for (int i = 0; i < CORE.length; i++) {
            String[] above = new String[i];
            for (int k = 0; k < i; k++) {
                above[k] = "org.vatwright.core." + CORE[k];
            }
            if (i > 0) {
                noClasses().that().resideInAPackage("org.vatwright.core." + CORE[i]).should().dependOnClassesThat()
                        .resideInAnyPackage(above).check(ALL);
            }
        }
        Set<String> known = Set.of(CORE);
        assertThat(ALL.stream().map(JavaClass::getPackageName).filter(p -> p.startsWith("org.vatwright.core."))
                .map(p -> p.substring("org.vatwright.core.".length())).collect(Collectors.toSet()))
                .as("every package has its place in the list").isEqualTo(known);
    }

    @Test
    void familiesNeverImportEachOther() {
        SlicesRuleDefinition.slices().matching("org.vatwright.core.family.(*)..").should().notDependOnEachOther()
                .check(ALL);
    }

    @Test
    void noRings() {
        SlicesRuleDefinition.slices().matching("org.vatwright.(**)").should().beFreeOfCycles().check(ALL);
    }

    @Test
    void noInterfaceCodeOutsideTheWindowAndNoneInItsViewModel() {
        noClasses().that().resideInAnyPackage("org.vatwright.core..", "org.vatwright.files..",
                "org.vatwright.desktop.studio..").should().dependOnClassesThat().resideInAnyPackage("javafx..")
                .check(ALL);
        noClasses().that().resideInAPackage("org.vatwright.core..").should().dependOnClassesThat()
                .resideInAnyPackage("com.fasterxml..", "org.apache..", "java.nio.file..").check(ALL);
    }

    @Test
    void everyStructureStandsInTheCatalogueOnce() {
        // Layers taken together are made of those that are there, not added.
        Set<String> structures = ALL.stream()
                .filter(c -> c.isAssignableTo(Structure.class) && !c.isInterface()
                        && !c.isEquivalentTo(Together.class))
                .map(JavaClass::getFullName).collect(Collectors.toSet());
        assertThat(Catalogue.FAMILIES.stream().map(f -> f.type().getName()).toList())
                .containsExactlyInAnyOrderElementsOf(structures);
    }
}
