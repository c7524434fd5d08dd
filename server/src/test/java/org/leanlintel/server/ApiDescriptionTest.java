package org.leanlintel.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.formats.json.Json;
import org.leanlintel.formats.json.Kinds;
import org.leanlintel.server.openapi.ApiDescription;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;

/** The description the front end's types are made from is the one the server serves. */
class ApiDescriptionTest {

    private static final Path KEPT = Path.of("../web/openapi.json");

    @Test
    void theKeptDescriptionIsCurrent() throws IOException {
        String now = Json.mapper()
                        .writer()
                        .with(SerializationFeature.INDENT_OUTPUT, SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                        .writeValueAsString(ApiDescription.document())
                + "\n";
        String kept = Files.exists(KEPT) ? Files.readString(KEPT) : "";
        if (!kept.equals(now) && Boolean.getBoolean("refresh")) Files.writeString(KEPT, now);
        assertThat(kept)
                .as(
                        "web/openapi.json; refresh it with mvn -pl server -am test -Dtest=ApiDescriptionTest -Drefresh=true")
                .isEqualTo(now);
    }

    @Test
    void describesEveryRoomOfTheApi() {
        JavaClasses api =
                new ClassFileImporter().importPackages("org.leanlintel.server.api", "org.leanlintel.server.openapi");
        assertThat(api.stream()
                        .filter(c -> c.getPackageName().endsWith(".api") && c.isAnnotatedWith(RestController.class))
                        .filter(c -> c.getDirectDependenciesToSelf().stream()
                                .noneMatch(d -> d.getOriginClass().isEquivalentTo(ApiDescription.class)))
                        .map(JavaClass::getSimpleName))
                .isEmpty();
    }

    @Test
    void describesEveryEdit() {
        JsonNode schemas = Json.mapper()
                .valueToTree(ApiDescription.document())
                .path("components")
                .path("schemas");
        assertThat(schemas.path("Edit").path("oneOf"))
                .hasSize(Kinds.members(Edit.class).size());
        assertThat(schemas.path("DrawWalls")
                        .path("properties")
                        .path("type")
                        .path("const")
                        .asString())
                .isEqualTo("drawWalls");
        assertThat(schemas.path("HoldOnFace").path("required")).hasSize(3);
    }
}
