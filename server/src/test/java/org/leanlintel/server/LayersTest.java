package org.leanlintel.server;

import static com.tngtech.archunit.base.DescribedPredicate.not;
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
            entry("core.roof", "core.geometry"),
            entry("core.measure", ""),
            entry("core.truss", "core.model core.geometry"),
            entry("core.model", "core.geometry core.measure"),
            entry("core.heat", "core.model"),
            entry("core.stair", "core.model core.geometry core.measure"),
            entry("core.derive", "core.model core.geometry"),
            entry("core.building", "core.roof core.truss core.derive core.stair core.model core.geometry core.measure"),
            entry(
                    "core.takeoff",
                    "core.roof core.note core.building core.derive core.model core.geometry core.measure"),
            entry(
                    "core.note",
                    "core.roof core.truss core.building core.derive core.heat core.stair core.model core.geometry core.measure"),
            entry(
                    "core.dimension",
                    "core.roof core.note core.building core.derive core.stair core.model core.geometry core.measure"),
            entry(
                    "core.check",
                    "core.roof core.dimension core.note core.building core.derive core.stair core.model core.geometry core.measure"),
            entry(
                    "core.edit",
                    "core.roof core.sheet core.dimension core.note core.building core.model core.geometry core.measure"),
            entry(
                    "core.picture",
                    "core.roof core.truss core.sheet core.check core.dimension core.note core.building core.derive core.takeoff core.heat core.stair core.model core.geometry core.measure"),
            entry("core.sheet", "core.model core.geometry"),
            entry("core.issue", "core.picture core.check core.sheet core.edit core.model core.geometry core.measure"),
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
        slices().matching("org.leanlintel.(*).(*)..").should().beFreeOfCycles().check(ALL);
    }
}
