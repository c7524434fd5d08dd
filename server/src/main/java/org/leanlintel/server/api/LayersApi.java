package org.leanlintel.server.api;

import org.leanlintel.formats.standard.LayerFields;
import org.leanlintel.formats.standard.OfficeStandard;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How layers can be named. */
@RestController
@RequestMapping("/api/v1/layers")
public class LayersApi {

    /** The fields that a name may be made up of. */
    @GetMapping("/fields")
    public LayerFields fields() {
        return OfficeStandard.layerFields();
    }
}
