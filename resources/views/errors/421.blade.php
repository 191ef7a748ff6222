<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>Another name</title></head>
<body><h1>This server goes by another name</h1>
    <p>It answers as <strong>{{ $ours }}</strong>. If people reach it by the name that you used, set APP_URL in its .env, and start it again.</p></body></html>
