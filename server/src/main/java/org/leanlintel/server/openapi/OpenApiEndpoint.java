package org.leanlintel.server.openapi;

import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Serves the API's description. */
@RestController
class OpenApiEndpoint {

    private final Map<String, Object> document = ApiDescription.document();

    @GetMapping("/api/v1/openapi.json")
    Map<String, Object> document() {
        return document;
    }
}
