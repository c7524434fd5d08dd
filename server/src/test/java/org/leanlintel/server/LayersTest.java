package org.leanlintel.server;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static java.util.Map.entry;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.run.EditKinds;
import org.leanlintel.core.model.Unusable;

/** Arrows point down: server, formats, core, and within each from room to room. */
class LayersTest {

    private static final String OURS = "org.leanlintel.";

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .withImportOption(location -> !location.contains("-tests.jar"))
            .importPackages("org.leanlintel");

    /** What each room knows of others; a room that is not here is not known to anybody. */
    private static final Map<String, String> KNOWS = Map.ofEntries(
            entry("core.geometry", ""),
            entry("core.measure", ""),
            entry("core.model", "core.geometry core.measure"),
            entry("core.building.join", "core.geometry core.model"),
            entry("core.derive", "core.geometry core.model"),
            entry("core.stair", "core.geometry core.measure core.model"),
            entry("core.building", "core.building.join core.derive core.geometry core.measure core.model core.stair"),
            entry("core.building.room", "core.building core.building.join core.derive core.geometry core.model"),
            entry("core.roof", "core.geometry"),
            entry("core.truss", "core.geometry core.model"),
            entry(
                    "core.building.roof",
                    "core.building core.building.join core.building.room core.derive core.geometry core.model core.roof core.truss"),
            entry(
                    "core.building.body",
                    "core.building core.building.join core.building.roof core.building.room core.derive core.geometry core.model core.stair"),
            entry(
                    "core.building.feature",
                    "core.building core.building.body core.building.join core.building.roof core.building.room core.derive core.geometry core.model core.roof core.stair"),
            entry("core.heat", "core.model"),
            entry(
                    "core.note",
                    "core.building core.derive core.geometry core.heat core.measure core.model core.roof core.sheet core.stair core.truss"),
            entry(
                    "core.dimension",
                    "core.building core.derive core.geometry core.measure core.model core.note core.stair"),
            entry(
                    "core.check",
                    "core.building core.derive core.dimension core.geometry core.measure core.model core.note core.roof core.stair"),
            entry("core.edit", "core.building core.geometry core.model"),
            entry("core.edit.change", "core.building core.edit core.geometry core.model core.note"),
            entry("core.sheet", "core.geometry core.model"),
            entry("core.edit.drawing", "core.building core.derive core.edit core.geometry core.model core.sheet"),
            entry("core.edit.sound", "core.building core.edit core.geometry core.measure core.model core.roof"),
            entry("core.edit.setting", "core.building core.edit.sound core.geometry core.measure core.model"),
            entry("core.edit.fitting", "core.building core.edit core.edit.setting core.geometry core.model"),
            entry("core.edit.wall", "core.building core.edit core.edit.change core.geometry core.measure core.model"),
            entry(
                    "core.edit.carry",
                    "core.building core.edit core.edit.change core.edit.drawing core.edit.fitting core.edit.wall core.geometry core.model core.note"),
            entry("core.edit.dimension", "core.building core.dimension core.edit core.geometry core.model"),
            entry("core.edit.gap", "core.building core.edit core.edit.change core.geometry core.measure core.model"),
            entry("core.edit.note", "core.building core.edit core.geometry core.model core.note"),
            entry("core.edit.office", "core.building core.edit core.edit.change core.model"),
            entry("core.edit.opening", "core.building core.edit core.edit.setting core.geometry core.model"),
            entry("core.edit.room", "core.building core.edit core.geometry core.measure core.model"),
            entry(
                    "core.edit.storey",
                    "core.building core.derive core.edit core.edit.carry core.geometry core.measure core.model core.roof"),
            entry(
                    "core.edit.run",
                    "core.building core.edit core.edit.carry core.edit.change core.edit.dimension core.edit.drawing core.edit.fitting core.edit.gap core.edit.note core.edit.office core.edit.opening core.edit.room core.edit.sound core.edit.storey core.edit.wall core.geometry core.measure core.model"),
            entry("core.effect", "core.building core.dimension core.geometry core.measure core.model core.stair"),
            entry("core.picture", "core.building core.derive core.geometry core.measure core.model"),
            entry("core.picture.seen", "core.building core.derive core.geometry core.model core.picture"),
            entry(
                    "core.picture.cut",
                    "core.building core.derive core.geometry core.model core.picture core.picture.seen"),
            entry(
                    "core.picture.annotate",
                    "core.building core.derive core.dimension core.geometry core.measure core.model core.note core.picture core.picture.cut core.roof"),
            entry(
                    "core.picture.sheet",
                    "core.building.body core.check core.geometry core.measure core.model core.note core.picture core.picture.annotate core.sheet"),
            entry("core.issue", "core.check core.edit core.geometry core.measure core.model core.picture core.sheet"),
            entry(
                    "core.picture.height",
                    "core.building core.derive core.geometry core.measure core.model core.note core.picture core.picture.annotate core.picture.cut core.picture.seen core.roof core.stair core.truss"),
            entry(
                    "core.picture.wall",
                    "core.building core.derive core.geometry core.model core.picture core.picture.annotate"),
            entry(
                    "core.picture.plan",
                    "core.building core.check core.derive core.geometry core.measure core.model core.note core.picture core.picture.annotate core.picture.wall core.roof core.stair core.truss"),
            entry(
                    "core.takeoff",
                    "core.building core.derive core.geometry core.measure core.model core.note core.roof core.sheet"),
            entry(
                    "core.picture.table",
                    "core.building core.geometry core.heat core.measure core.model core.note core.picture core.picture.annotate core.picture.plan core.takeoff"),
            entry(
                    "core.picture.drawing",
                    "core.building core.derive core.geometry core.model core.picture core.picture.annotate core.picture.height core.picture.plan core.picture.table"),
            entry("formats.json", "core formats.traced formats.json.upgrade"),
            entry("formats.json.upgrade", ""),
            entry("formats.standard", "core formats.json"),
            entry("formats.pdf", "core formats.standard"),
            entry("formats.csv", "core"),
            entry("formats.xlsx", "core"),
            entry("formats.dxf", "core formats.standard"),
            entry("formats.svg", "core formats.standard"),
            entry("formats.demo", "core formats.standard formats.pdf"),
            entry("formats.traced", "core formats.json"),
            entry("server.store", "core formats"),
            entry("server.live", "core formats server.store"),
            entry("server.events", "server.live server.store"),
            entry("server.api", "core formats server.live server.events server.store server.plotting"),
            entry("server.plotting", "core.model"),
            entry("server.openapi", "core formats server.api"),
            entry("server.demo", "core formats server.live server.store"),
            entry("server", ""));

    @Test
    void arrowsPointDown() {
        Set<String> wrong = new TreeSet<>();
        for (JavaClass from : ALL)
            for (Dependency d : from.getDirectDependenciesFromSelf()) {
                String here = room(from), there = room(d.getTargetClass());
                if (there.isEmpty() || here.equals(there) || knows(here, there)) continue;
                wrong.add("%s knows %s (%s)".formatted(here, there, from.getSimpleName()));
            }
        assertThat(wrong).isEmpty();
    }

    private static boolean knows(String here, String there) {
        return Arrays.stream(KNOWS.getOrDefault(here, "").split(" "))
                .anyMatch(known -> there.equals(known) || there.startsWith(known + "."));
    }

    /** The module and the room in it: {@code core.model}; nothing for what is not ours. */
    private static String room(JavaClass type) {
        String name = type.getBaseComponentType().getPackageName();
        return name.startsWith(OURS) ? name.substring(OURS.length()) : "";
    }

    /** What is not listed cannot be sent, and no random test would ever try it. */
    @Test
    void everyEditIsListed() {
        assertThat(ALL.that(assignableTo(Edit.class)).stream()
                        .filter(JavaClass::isRecord)
                        .map(JavaClass::getName))
                .containsExactlyInAnyOrderElementsOf(
                        EditKinds.ALL.stream().map(Class::getName).toList());
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
    void onlyAreasAndSurfacesKnowJts() {
        noClasses()
                .that()
                .doNotHaveFullyQualifiedName("org.leanlintel.core.geometry.Area")
                .and()
                .doNotHaveFullyQualifiedName("org.leanlintel.core.geometry.Tin")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.locationtech..")
                .check(ALL);
    }

    @Test
    void packagesMakeNoCircles() {
        slices().matching("org.leanlintel.(**)").should().beFreeOfCycles().check(ALL);
    }
}
