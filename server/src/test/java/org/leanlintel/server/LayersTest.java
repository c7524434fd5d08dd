package org.leanlintel.server;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.model.Unusable;

/** Arrows point down: server, formats, core; within core picture and edit, building, model, geometry, measure. */
class LayersTest {

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("org.leanlintel");

    @Test
    void arrowsPointDown() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("server")
                .definedBy("org.leanlintel.server..")
                .layer("formats")
                .definedBy("org.leanlintel.formats..")
                .layer("picture")
                .definedBy("org.leanlintel.core.picture..")
                .layer("edit")
                .definedBy("org.leanlintel.core.edit..")
                .layer("building")
                .definedBy("org.leanlintel.core.building..")
                .layer("takeoff")
                .definedBy("org.leanlintel.core.takeoff..")
                .layer("heat")
                .definedBy("org.leanlintel.core.heat..")
                .layer("model")
                .definedBy("org.leanlintel.core.model..")
                .layer("geometry")
                .definedBy("org.leanlintel.core.geometry..")
                .layer("measure")
                .definedBy("org.leanlintel.core.measure..")
                .whereLayer("server")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("formats")
                .mayOnlyBeAccessedByLayers("server")
                .whereLayer("picture")
                .mayOnlyBeAccessedByLayers("formats", "server")
                .whereLayer("edit")
                .mayOnlyBeAccessedByLayers("formats", "server")
                .whereLayer("building")
                .mayOnlyBeAccessedByLayers("picture", "edit", "takeoff", "formats", "server")
                .whereLayer("takeoff")
                .mayOnlyBeAccessedByLayers("picture", "formats", "server")
                .whereLayer("heat")
                .mayOnlyBeAccessedByLayers("picture", "formats", "server")
                .whereLayer("geometry")
                .mayNotAccessAnyLayer()
                .whereLayer("measure")
                .mayNotAccessAnyLayer()
                .check(ALL);
    }

    /** What a drafter is told is thrown as what it is; any other exception is a fault of ours and logged as one. */
    @Test
    void sentencesForDraftersAreNotMistakenForFaults() {
        noClasses()
                .that()
                .resideInAnyPackage("org.leanlintel.core..", "org.leanlintel.server.api..")
                .and()
                .resideOutsideOfPackages("org.leanlintel.core.geometry..", "org.leanlintel.core.measure..")
                .should()
                .callConstructor(IllegalArgumentException.class, String.class)
                .orShould()
                .callConstructor(IllegalArgumentException.class)
                .allowEmptyShould(true)
                .check(ALL.that(not(type(Unusable.class))));
    }

    @Test
    void coreKnowsNoFrameworkAndNoFiles() {
        noClasses()
                .that()
                .resideInAPackage("org.leanlintel.core..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "com.fasterxml..",
                        "tools.jackson..",
                        "jakarta..",
                        "org.hibernate..",
                        "org.apache..",
                        "java.io..",
                        "java.nio..",
                        "java.net..",
                        "java.sql..",
                        "java.awt..")
                .check(ALL);
    }

    @Test
    void onlyTheAdaptersKnowJts() {
        noClasses()
                .that()
                .doNotHaveFullyQualifiedName("org.leanlintel.core.geometry.Area")
                .and()
                .doNotHaveFullyQualifiedName("org.leanlintel.core.geometry.BoxIndex")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.locationtech..")
                .check(ALL);
    }

    @Test
    void packagesMakeNoCircles() {
        slices().matching("org.leanlintel.(*).(*)..").should().beFreeOfCycles().check(ALL);
    }
}
