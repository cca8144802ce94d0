/* Limits of fields as the server publishes them, in the OpenAPI document and the schema of the wardrobe document. Written by tools/limits.mjs; not edited. */
export const limits = {
  "ClimateText": {
    "text": {
      "minLength": 0,
      "maxLength": 20000
    }
  },
  "Credentials": {
    "email": {
      "minLength": 0,
      "maxLength": 254
    },
    "password": {
      "minLength": 0,
      "maxLength": 200
    }
  },
  "EntryRequest": {
    "line": {
      "minLength": 0,
      "maxLength": 400
    }
  },
  "MeaningRequest": {
    "as": {
      "minLength": 0,
      "maxLength": 400
    },
    "word": {
      "minLength": 0,
      "maxLength": 40
    }
  },
  "NewClient": {
    "name": {
      "minLength": 0,
      "maxLength": 120
    }
  },
  "NewKind": {
    "like": {
      "minLength": 1
    },
    "name": {
      "minLength": 0,
      "maxLength": 60
    }
  },
  "NewVisit": {
    "note": {
      "minLength": 0,
      "maxLength": 2000
    }
  },
  "SetRequest": {
    "kind": {
      "minLength": 1
    },
    "label": {
      "minLength": 0,
      "maxLength": 80
    }
  },
  "VisitChange": {
    "note": {
      "minLength": 0,
      "maxLength": 2000
    }
  },
  "occasion": {
    "audience": {
      "maxLength": 80
    },
    "formalityHigh": {
      "minimum": 1,
      "maximum": 7
    },
    "formalityLow": {
      "minimum": 1,
      "maximum": 7
    },
    "indoorC": {
      "minimum": -30,
      "maximum": 45
    },
    "maxHeelCm": {
      "minimum": 0,
      "maximum": 25
    },
    "met": {
      "minimum": 0.8,
      "maximum": 4
    },
    "name": {
      "minLength": 1,
      "maxLength": 80
    },
    "outdoorMinutes": {
      "minimum": 0,
      "maximum": 1440
    },
    "timesPerMonth": {
      "minimum": 0,
      "maximum": 31
    },
    "timesPerWeek": {
      "minimum": 0,
      "maximum": 21
    }
  },
  "need": {
    "occasion": {
      "minLength": 1,
      "maxLength": 80
    },
    "outfits": {
      "minimum": 0,
      "maximum": 100
    },
    "season": {
      "minLength": 1,
      "maxLength": 40
    }
  },
  "override": {
    "by": {
      "maxLength": 80
    },
    "id": {
      "minLength": 1,
      "maxLength": 64
    },
    "reason": {
      "maxLength": 400
    }
  },
  "savedOutfit": {
    "id": {
      "minLength": 1,
      "maxLength": 64
    },
    "name": {
      "minLength": 1,
      "maxLength": 80
    },
    "notes": {
      "maxLength": 2000
    }
  }
} as const;
