/* Made of the schemas by `npm run validators`. */
const Le=W,me={$id:"velmo/settings/8",type:"object",properties:{version:{const:8},lens:{type:"string",pattern:"^[a-z0-9-\
]{1,32}$"},crop:{type:"number",minimum:1,maximum:4},time:{oneOf:[{type:"object",properties:{mode:{const:"auto"}},required:[
"mode"],additionalProperties:!1},{type:"object",properties:{mode:{const:"held"},click:{type:"integer",minimum:-39,maximum:18}},
required:["mode","click"],additionalProperties:!1}]},iso:{oneOf:[{type:"object",properties:{mode:{const:"auto"}},required:[
"mode"],additionalProperties:!1},{type:"object",properties:{mode:{const:"held"},click:{type:"integer",minimum:-6,maximum:24}},
required:["mode","click"],additionalProperties:!1}]},compClicks:{type:"number",multipleOf:.5,minimum:-18,maximum:18},meter:{
type:"object",properties:{pattern:{enum:["whole","centre","spot","highlights"]},spot:{type:"object",properties:{x:{type:"\
number",minimum:0,maximum:1},y:{type:"number",minimum:0,maximum:1}},required:["x","y"],additionalProperties:!1},lockedEv100:{
type:["number","null"],minimum:-20,maximum:30}},required:["pattern","spot","lockedEv100"],additionalProperties:!1},support:{
enum:["hand","tripod"]},stabiliserStops:{type:"integer",minimum:0,maximum:5},filterStops:{type:"integer",minimum:0,maximum:10},
torch:{type:"boolean"},flash:{enum:["off","begin","end"]},subject:{enum:["scene","still","walking","running","vehicle"]},
mainsHz:{enum:[50,60]},sizeMp:{enum:[12,3]},focus:{oneOf:[{type:"object",properties:{mode:{const:"auto"},spot:{type:"obj\
ect",properties:{x:{type:"number",minimum:0,maximum:1},y:{type:"number",minimum:0,maximum:1}},required:["x","y"],additionalProperties:!1},
follow:{type:"boolean"}},required:["mode","spot","follow"],additionalProperties:!1},{type:"object",properties:{mode:{const:"\
held"},dioptres:{type:"number",minimum:-1,maximum:25}},required:["mode","dioptres"],additionalProperties:!1}]},white:{oneOf:[
{type:"object",properties:{mode:{const:"auto"},locked:{oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"num\
ber",minimum:2e3,maximum:12e3},tint:{type:"number",minimum:-30,maximum:30}},required:["kelvin","tint"],additionalProperties:!1}]}},
required:["mode","locked"],additionalProperties:!1},{type:"object",properties:{mode:{const:"held"},kelvin:{type:"number",
minimum:2e3,maximum:12e3},tint:{type:"number",minimum:-30,maximum:30}},required:["mode","kelvin","tint"],additionalProperties:!1}]},
files:{enum:["dng","dng+jpeg","jpeg","tiff","png"]},jpegQuality:{type:"integer",minimum:60,maximum:100},average:{oneOf:[
{const:1},{type:"integer",minimum:4,maximum:64}]},aspect:{enum:["4:3","3:2","16:9","1:1"]},series:{oneOf:[{type:"object",
properties:{kind:{const:"single"}},required:["kind"],additionalProperties:!1},{type:"object",properties:{kind:{const:"br\
acket"},frames:{type:"integer",minimum:2,maximum:9},stepClicks:{type:"integer",minimum:1,maximum:9},order:{enum:["middle\
-first","dark-first","bright-first"]}},required:["kind","frames","stepClicks","order"],additionalProperties:!1},{type:"o\
bject",properties:{kind:{const:"burst"},frames:{type:"integer",minimum:3,maximum:60}},required:["kind","frames"],additionalProperties:!1},
{type:"object",properties:{kind:{const:"focus"},places:{oneOf:[{type:"null"},{type:"array",items:{type:"number",minimum:-1,
maximum:25},maxItems:30}]},nearDioptres:{type:"number",minimum:-1,maximum:25},farDioptres:{type:"number",minimum:-1,maximum:25},
overlap:{type:"number",minimum:0,maximum:.8}},required:["kind","places","nearDioptres","farDioptres","overlap"],additionalProperties:!1},
{type:"object",properties:{kind:{const:"interval"},everyS:{type:"integer",minimum:1,maximum:3600},frames:{type:"integer",
minimum:2,maximum:999},exposure:{enum:["held","metered"]},lightS:{type:"integer",minimum:0,maximum:86400}},required:["ki\
nd","everyS","frames","exposure","lightS"],additionalProperties:!1},{type:"object",properties:{kind:{const:"long"},totalS:{
type:"integer",minimum:30,maximum:7200},gather:{enum:["mean","sum","brightest"]}},required:["kind","totalS","gather"],additionalProperties:!1}]},
delayS:{enum:[0,2,3,10,20]}},required:["version","lens","crop","time","iso","compClicks","meter","support","stabiliserSt\
ops","filterStops","torch","flash","subject","mainsHz","sizeMp","focus","white","files","jpegQuality","average","aspect",
"series","delayS"],additionalProperties:!1},Pe=Object.prototype.hasOwnProperty,Ae=new RegExp("^[a-z0-9-]{1,32}$","u");function W(t,{
instancePath:s="",parentData:ye,parentDataProperty:he,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let o;if(t.version===void 0&&(o="version")||t.lens===void 0&&(o="lens")||t.crop===void 0&&(o="crop")||
t.time===void 0&&(o="time")||t.iso===void 0&&(o="iso")||t.compClicks===void 0&&(o="compClicks")||t.meter===void 0&&(o="m\
eter")||t.support===void 0&&(o="support")||t.stabiliserStops===void 0&&(o="stabiliserStops")||t.filterStops===void 0&&(o=
"filterStops")||t.torch===void 0&&(o="torch")||t.flash===void 0&&(o="flash")||t.subject===void 0&&(o="subject")||t.mainsHz===
void 0&&(o="mainsHz")||t.sizeMp===void 0&&(o="sizeMp")||t.focus===void 0&&(o="focus")||t.white===void 0&&(o="white")||t.
files===void 0&&(o="files")||t.jpegQuality===void 0&&(o="jpegQuality")||t.average===void 0&&(o="average")||t.aspect===void 0&&
(o="aspect")||t.series===void 0&&(o="series")||t.delayS===void 0&&(o="delayS"))return W.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:o}}],!1;{const j=e;for(const i in t)if(!Pe.call(me.properties,i)){
return W.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:i}}],
!1;break}if(j===e){if(t.version!==void 0){const i=e;if(t.version!==8)return W.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:8}}],!1;var n=i===e}else var n=!0;if(n){if(t.lens!==void 0){
let i=t.lens;const h=e;if(e===h)if(typeof i=="string"){if(!Ae.test(i))return W.errors=[{instancePath:s+"/lens",schemaPath:"\
#/properties/lens/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,32}$"}}],!1}else return W.errors=[{instancePath:s+
"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:"string"}}],!1;var n=h===e}else var n=!0;if(n){if(t.
crop!==void 0){let i=t.crop;const h=e;if(e===h)if(typeof i=="number"&&isFinite(i)){if(i>4||isNaN(i))return W.errors=[{instancePath:s+
"/crop",schemaPath:"#/properties/crop/maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(i<1||isNaN(i))
return W.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/minimum",keyword:"minimum",params:{comparison:">=",
limit:1}}],!1}else return W.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/type",keyword:"type",params:{type:"\
number"}}],!1;var n=h===e}else var n=!0;if(n){if(t.time!==void 0){let i=t.time;const h=e,q=e;let P=!1,I=null;const G=e;if(e===
G)if(i&&typeof i=="object"&&!Array.isArray(i)){let a;if(i.mode===void 0&&(a="mode")){const g={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/required",keyword:"required",params:{missingProperty:a}};r===null?r=[g]:r.push(g),e++}else{const g=e;
for(const m in i)if(m!=="mode"){const u={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/0/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[u]:r.push(u),e++;break}if(g===e&&i.mode!==
void 0&&i.mode!=="auto"){const m={instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/0/properties/mode/cons\
t",keyword:"const",params:{allowedValue:"auto"}};r===null?r=[m]:r.push(m),e++}}}else{const a={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[a]:r.push(a),e++}var F=G===e;F&&(P=!0,
I=0);const w=e;if(e===w)if(i&&typeof i=="object"&&!Array.isArray(i)){let a;if(i.mode===void 0&&(a="mode")||i.click===void 0&&
(a="click")){const g={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/required",keyword:"required",params:{
missingProperty:a}};r===null?r=[g]:r.push(g),e++}else{const g=e;for(const m in i)if(!(m==="mode"||m==="click")){const u={
instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:m}};r===null?r=[u]:r.push(u),e++;break}if(g===e){if(i.mode!==void 0){const m=e;if(i.mode!=="held"){const u={
instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"\
held"}};r===null?r=[u]:r.push(u),e++}var _=m===e}else var _=!0;if(_)if(i.click!==void 0){let m=i.click;const u=e;if(!(typeof m==
"number"&&!(m%1)&&!isNaN(m)&&isFinite(m))){const v={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/p\
roperties/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[v]:r.push(v),e++}if(e===u&&typeof m=="number"&&
isFinite(m)){if(m>18||isNaN(m)){const v={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/c\
lick/maximum",keyword:"maximum",params:{comparison:"<=",limit:18}};r===null?r=[v]:r.push(v),e++}else if(m<-39||isNaN(m)){
const v={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/click/minimum",keyword:"minimum",
params:{comparison:">=",limit:-39}};r===null?r=[v]:r.push(v),e++}}var _=u===e}else var _=!0}}}else{const a={instancePath:s+
"/time",schemaPath:"#/properties/time/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[a]:r.push(a),e++}
var F=w===e;if(F&&P?(P=!1,I=[I,1]):F&&(P=!0,I=1),P)e=q,r!==null&&(q?r.length=q:r=null);else{const a={instancePath:s+"/ti\
me",schemaPath:"#/properties/time/oneOf",keyword:"oneOf",params:{passingSchemas:I}};return r===null?r=[a]:r.push(a),e++,
W.errors=r,!1}var n=h===e}else var n=!0;if(n){if(t.iso!==void 0){let i=t.iso;const h=e,q=e;let P=!1,I=null;const G=e;if(e===
G)if(i&&typeof i=="object"&&!Array.isArray(i)){let a;if(i.mode===void 0&&(a="mode")){const g={instancePath:s+"/iso",schemaPath:"\
#/properties/iso/oneOf/0/required",keyword:"required",params:{missingProperty:a}};r===null?r=[g]:r.push(g),e++}else{const g=e;
for(const m in i)if(m!=="mode"){const u={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/0/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[u]:r.push(u),e++;break}if(g===e&&i.mode!==void 0&&
i.mode!=="auto"){const m={instancePath:s+"/iso/mode",schemaPath:"#/properties/iso/oneOf/0/properties/mode/const",keyword:"\
const",params:{allowedValue:"auto"}};r===null?r=[m]:r.push(m),e++}}}else{const a={instancePath:s+"/iso",schemaPath:"#/pr\
operties/iso/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[a]:r.push(a),e++}var Y=G===e;Y&&(P=!0,I=0);
const w=e;if(e===w)if(i&&typeof i=="object"&&!Array.isArray(i)){let a;if(i.mode===void 0&&(a="mode")||i.click===void 0&&
(a="click")){const g={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/1/required",keyword:"required",params:{missingProperty:a}};
r===null?r=[g]:r.push(g),e++}else{const g=e;for(const m in i)if(!(m==="mode"||m==="click")){const u={instancePath:s+"/is\
o",schemaPath:"#/properties/iso/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};
r===null?r=[u]:r.push(u),e++;break}if(g===e){if(i.mode!==void 0){const m=e;if(i.mode!=="held"){const u={instancePath:s+"\
/iso/mode",schemaPath:"#/properties/iso/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===
null?r=[u]:r.push(u),e++}var V=m===e}else var V=!0;if(V)if(i.click!==void 0){let m=i.click;const u=e;if(!(typeof m=="num\
ber"&&!(m%1)&&!isNaN(m)&&isFinite(m))){const v={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/propert\
ies/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[v]:r.push(v),e++}if(e===u&&typeof m=="number"&&isFinite(
m)){if(m>24||isNaN(m)){const v={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:24}};r===null?r=[v]:r.push(v),e++}else if(m<-6||isNaN(m)){const v={instancePath:s+
"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/minimum",keyword:"minimum",params:{comparison:">=",limit:-6}};
r===null?r=[v]:r.push(v),e++}}var V=u===e}else var V=!0}}}else{const a={instancePath:s+"/iso",schemaPath:"#/properties/i\
so/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[a]:r.push(a),e++}var Y=w===e;if(Y&&P?(P=!1,I=[I,1]):
Y&&(P=!0,I=1),P)e=q,r!==null&&(q?r.length=q:r=null);else{const a={instancePath:s+"/iso",schemaPath:"#/properties/iso/one\
Of",keyword:"oneOf",params:{passingSchemas:I}};return r===null?r=[a]:r.push(a),e++,W.errors=r,!1}var n=h===e}else var n=!0;
if(n){if(t.compClicks!==void 0){let i=t.compClicks;const h=e;if(e===h)if(typeof i=="number"&&isFinite(i)){if(i>18||isNaN(
i))return W.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/maximum",keyword:"maximum",params:{
comparison:"<=",limit:18}}],!1;if(i<-18||isNaN(i))return W.errors=[{instancePath:s+"/compClicks",schemaPath:"#/propertie\
s/compClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1;{let P;if(P=i/.5,P!==parseInt(P))return W.
errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/multipleOf",keyword:"multipleOf",params:{multipleOf:.5}}],
!1}}else return W.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{
type:"number"}}],!1;var n=h===e}else var n=!0;if(n){if(t.meter!==void 0){let i=t.meter;const h=e;if(e===h)if(i&&typeof i==
"object"&&!Array.isArray(i)){let P;if(i.pattern===void 0&&(P="pattern")||i.spot===void 0&&(P="spot")||i.lockedEv100===void 0&&
(P="lockedEv100"))return W.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/required",keyword:"required",
params:{missingProperty:P}}],!1;{const I=e;for(const G in i)if(!(G==="pattern"||G==="spot"||G==="lockedEv100")){return W.
errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:G}}],!1;break}if(I===e){if(i.pattern!==void 0){let G=i.pattern;const w=e;if(!(G==="whole"||G==="centr\
e"||G==="spot"||G==="highlights"))return W.errors=[{instancePath:s+"/meter/pattern",schemaPath:"#/properties/meter/prope\
rties/pattern/enum",keyword:"enum",params:{allowedValues:me.properties.meter.properties.pattern.enum}}],!1;var C=w===e}else
var C=!0;if(C){if(i.spot!==void 0){let G=i.spot;const w=e;if(e===w)if(G&&typeof G=="object"&&!Array.isArray(G)){let a;if(G.
x===void 0&&(a="x")||G.y===void 0&&(a="y"))return W.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter\
/properties/spot/required",keyword:"required",params:{missingProperty:a}}],!1;{const g=e;for(const m in G)if(!(m==="x"||
m==="y")){return W.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter/properties/spot/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:m}}],!1;break}if(g===e){if(G.x!==void 0){let m=G.x;const u=e;
if(e===u)if(typeof m=="number"&&isFinite(m)){if(m>1||isNaN(m))return W.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(m<0||
isNaN(m))return W.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"#/properties/meter/properties/spot/properties/x/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return W.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var A=u===e}else var A=!0;
if(A)if(G.y!==void 0){let m=G.y;const u=e;if(e===u)if(typeof m=="number"&&isFinite(m)){if(m>1||isNaN(m))return W.errors=
[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/maximum",keyword:"maximum",
params:{comparison:"<=",limit:1}}],!1;if(m<0||isNaN(m))return W.errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/pr\
operties/meter/properties/spot/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return W.
errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/type",keyword:"type",
params:{type:"number"}}],!1;var A=u===e}else var A=!0}}}else return W.errors=[{instancePath:s+"/meter/spot",schemaPath:"\
#/properties/meter/properties/spot/type",keyword:"type",params:{type:"object"}}],!1;var C=w===e}else var C=!0;if(C)if(i.
lockedEv100!==void 0){let G=i.lockedEv100;const w=e;if(!(typeof G=="number"&&isFinite(G))&&G!==null)return W.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/type",keyword:"type",params:{type:me.properties.
meter.properties.lockedEv100.type}}],!1;if(e===w&&typeof G=="number"&&isFinite(G)){if(G>30||isNaN(G))return W.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:30}}],!1;if(G<-20||isNaN(G))return W.errors=[{instancePath:s+"/meter/lockedEv100",schemaPath:"#/properties/met\
er/properties/lockedEv100/minimum",keyword:"minimum",params:{comparison:">=",limit:-20}}],!1}var C=w===e}else var C=!0}}}}else
return W.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/type",keyword:"type",params:{type:"object"}}],!1;
var n=h===e}else var n=!0;if(n){if(t.support!==void 0){let i=t.support;const h=e;if(!(i==="hand"||i==="tripod"))return W.
errors=[{instancePath:s+"/support",schemaPath:"#/properties/support/enum",keyword:"enum",params:{allowedValues:me.properties.
support.enum}}],!1;var n=h===e}else var n=!0;if(n){if(t.stabiliserStops!==void 0){let i=t.stabiliserStops;const h=e;if(!(typeof i==
"number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return W.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/s\
tabiliserStops/type",keyword:"type",params:{type:"integer"}}],!1;if(e===h&&typeof i=="number"&&isFinite(i)){if(i>5||isNaN(
i))return W.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/stabiliserStops/maximum",keyword:"maximu\
m",params:{comparison:"<=",limit:5}}],!1;if(i<0||isNaN(i))return W.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"\
#/properties/stabiliserStops/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}var n=h===e}else var n=!0;
if(n){if(t.filterStops!==void 0){let i=t.filterStops;const h=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))
return W.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===h&&typeof i=="number"&&isFinite(i)){if(i>10||isNaN(i))return W.errors=[{instancePath:s+"/filterSto\
ps",schemaPath:"#/properties/filterStops/maximum",keyword:"maximum",params:{comparison:"<=",limit:10}}],!1;if(i<0||isNaN(
i))return W.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}}],!1}var n=h===e}else var n=!0;if(n){if(t.torch!==void 0){const i=e;if(typeof t.torch!="boolean")
return W.errors=[{instancePath:s+"/torch",schemaPath:"#/properties/torch/type",keyword:"type",params:{type:"boolean"}}],
!1;var n=i===e}else var n=!0;if(n){if(t.flash!==void 0){let i=t.flash;const h=e;if(!(i==="off"||i==="begin"||i==="end"))
return W.errors=[{instancePath:s+"/flash",schemaPath:"#/properties/flash/enum",keyword:"enum",params:{allowedValues:me.properties.
flash.enum}}],!1;var n=h===e}else var n=!0;if(n){if(t.subject!==void 0){let i=t.subject;const h=e;if(!(i==="scene"||i===
"still"||i==="walking"||i==="running"||i==="vehicle"))return W.errors=[{instancePath:s+"/subject",schemaPath:"#/properti\
es/subject/enum",keyword:"enum",params:{allowedValues:me.properties.subject.enum}}],!1;var n=h===e}else var n=!0;if(n){if(t.
mainsHz!==void 0){let i=t.mainsHz;const h=e;if(!(i===50||i===60))return W.errors=[{instancePath:s+"/mainsHz",schemaPath:"\
#/properties/mainsHz/enum",keyword:"enum",params:{allowedValues:me.properties.mainsHz.enum}}],!1;var n=h===e}else var n=!0;
if(n){if(t.sizeMp!==void 0){let i=t.sizeMp;const h=e;if(!(i===12||i===3))return W.errors=[{instancePath:s+"/sizeMp",schemaPath:"\
#/properties/sizeMp/enum",keyword:"enum",params:{allowedValues:me.properties.sizeMp.enum}}],!1;var n=h===e}else var n=!0;
if(n){if(t.focus!==void 0){let i=t.focus;const h=e,q=e;let P=!1,I=null;const G=e;if(e===G)if(i&&typeof i=="object"&&!Array.
isArray(i)){let a;if(i.mode===void 0&&(a="mode")||i.spot===void 0&&(a="spot")||i.follow===void 0&&(a="follow")){const g={
instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/required",keyword:"required",params:{missingProperty:a}};
r===null?r=[g]:r.push(g),e++}else{const g=e;for(const m in i)if(!(m==="mode"||m==="spot"||m==="follow")){const u={instancePath:s+
"/focus",schemaPath:"#/properties/focus/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};
r===null?r=[u]:r.push(u),e++;break}if(g===e){if(i.mode!==void 0){const m=e;if(i.mode!=="auto"){const u={instancePath:s+"\
/focus/mode",schemaPath:"#/properties/focus/oneOf/0/properties/mode/const",keyword:"const",params:{allowedValue:"auto"}};
r===null?r=[u]:r.push(u),e++}var U=m===e}else var U=!0;if(U){if(i.spot!==void 0){let m=i.spot;const u=e;if(e===u)if(m&&typeof m==
"object"&&!Array.isArray(m)){let v;if(m.x===void 0&&(v="x")||m.y===void 0&&(v="y")){const Q={instancePath:s+"/focus/spot",
schemaPath:"#/properties/focus/oneOf/0/properties/spot/required",keyword:"required",params:{missingProperty:v}};r===null?
r=[Q]:r.push(Q),e++}else{const Q=e;for(const J in m)if(!(J==="x"||J==="y")){const N={instancePath:s+"/focus/spot",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:J}};
r===null?r=[N]:r.push(N),e++;break}if(Q===e){if(m.x!==void 0){let J=m.x;const N=e;if(e===N)if(typeof J=="number"&&isFinite(
J)){if(J>1||isNaN(J)){const H={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/pro\
perties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[H]:r.push(H),e++}else if(J<0||isNaN(J)){
const H={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/x/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[H]:r.push(H),e++}}else{const H={instancePath:s+"/focus/spot/x",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[H]:r.push(
H),e++}var O=N===e}else var O=!0;if(O)if(m.y!==void 0){let J=m.y;const N=e;if(e===N)if(typeof J=="number"&&isFinite(J)){
if(J>1||isNaN(J)){const b={instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/propert\
ies/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[b]:r.push(b),e++}else if(J<0||isNaN(J)){const b={
instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/y/minimum",keyword:"min\
imum",params:{comparison:">=",limit:0}};r===null?r=[b]:r.push(b),e++}}else{const b={instancePath:s+"/focus/spot/y",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[b]:r.push(
b),e++}var O=N===e}else var O=!0}}}else{const v={instancePath:s+"/focus/spot",schemaPath:"#/properties/focus/oneOf/0/pro\
perties/spot/type",keyword:"type",params:{type:"object"}};r===null?r=[v]:r.push(v),e++}var U=u===e}else var U=!0;if(U)if(i.
follow!==void 0){const m=e;if(typeof i.follow!="boolean"){const $={instancePath:s+"/focus/follow",schemaPath:"#/properti\
es/focus/oneOf/0/properties/follow/type",keyword:"type",params:{type:"boolean"}};r===null?r=[$]:r.push($),e++}var U=m===
e}else var U=!0}}}}else{const a={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[a]:r.push(a),e++}var c=G===e;c&&(P=!0,I=0);const w=e;if(e===w)if(i&&typeof i=="object"&&!Array.
isArray(i)){let a;if(i.mode===void 0&&(a="mode")||i.dioptres===void 0&&(a="dioptres")){const g={instancePath:s+"/focus",
schemaPath:"#/properties/focus/oneOf/1/required",keyword:"required",params:{missingProperty:a}};r===null?r=[g]:r.push(g),
e++}else{const g=e;for(const m in i)if(!(m==="mode"||m==="dioptres")){const u={instancePath:s+"/focus",schemaPath:"#/pro\
perties/focus/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[u]:
r.push(u),e++;break}if(g===e){if(i.mode!==void 0){const m=e;if(i.mode!=="held"){const u={instancePath:s+"/focus/mode",schemaPath:"\
#/properties/focus/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[u]:r.push(u),
e++}var K=m===e}else var K=!0;if(K)if(i.dioptres!==void 0){let m=i.dioptres;const u=e;if(e===u)if(typeof m=="number"&&isFinite(
m)){if(m>25||isNaN(m)){const v={instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/diopt\
res/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[v]:r.push(v),e++}else if(m<-1||isNaN(m)){const v={
instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/dioptres/minimum",keyword:"minimum",params:{
comparison:">=",limit:-1}};r===null?r=[v]:r.push(v),e++}}else{const v={instancePath:s+"/focus/dioptres",schemaPath:"#/pr\
operties/focus/oneOf/1/properties/dioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[v]:r.push(v),e++}var K=u===
e}else var K=!0}}}else{const a={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[a]:r.push(a),e++}var c=w===e;if(c&&P?(P=!1,I=[I,1]):c&&(P=!0,I=1),P)e=q,r!==null&&(q?r.length=
q:r=null);else{const a={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf",keyword:"oneOf",params:{passingSchemas:I}};
return r===null?r=[a]:r.push(a),e++,W.errors=r,!1}var n=h===e}else var n=!0;if(n){if(t.white!==void 0){let i=t.white;const h=e,
q=e;let P=!1,I=null;const G=e;if(e===G)if(i&&typeof i=="object"&&!Array.isArray(i)){let a;if(i.mode===void 0&&(a="mode")||
i.locked===void 0&&(a="locked")){const g={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/required",keyword:"\
required",params:{missingProperty:a}};r===null?r=[g]:r.push(g),e++}else{const g=e;for(const m in i)if(!(m==="mode"||m===
"locked")){const u={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/additionalProperties",keyword:"additi\
onalProperties",params:{additionalProperty:m}};r===null?r=[u]:r.push(u),e++;break}if(g===e){if(i.mode!==void 0){const m=e;
if(i.mode!=="auto"){const u={instancePath:s+"/white/mode",schemaPath:"#/properties/white/oneOf/0/properties/mode/const",
keyword:"const",params:{allowedValue:"auto"}};r===null?r=[u]:r.push(u),e++}var M=m===e}else var M=!0;if(M)if(i.locked!==
void 0){let m=i.locked;const u=e,$=e;let v=!1,Q=null;const J=e;if(m!==null){const b={instancePath:s+"/white/locked",schemaPath:"\
#/properties/white/oneOf/0/properties/locked/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[b]:r.push(b),
e++}var d=J===e;d&&(v=!0,Q=0);const N=e;if(e===N)if(m&&typeof m=="object"&&!Array.isArray(m)){let b;if(m.kelvin===void 0&&
(b="kelvin")||m.tint===void 0&&(b="tint")){const D={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/\
0/properties/locked/oneOf/1/required",keyword:"required",params:{missingProperty:b}};r===null?r=[D]:r.push(D),e++}else{const D=e;
for(const re in m)if(!(re==="kelvin"||re==="tint")){const X={instancePath:s+"/white/locked",schemaPath:"#/properties/whi\
te/oneOf/0/properties/locked/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:re}};
r===null?r=[X]:r.push(X),e++;break}if(D===e){if(m.kelvin!==void 0){let re=m.kelvin;const X=e;if(e===X)if(typeof re=="num\
ber"&&isFinite(re)){if(re>12e3||isNaN(re)){const ne={instancePath:s+"/white/locked/kelvin",schemaPath:"#/properties/whit\
e/oneOf/0/properties/locked/oneOf/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===
null?r=[ne]:r.push(ne),e++}else if(re<2e3||isNaN(re)){const ne={instancePath:s+"/white/locked/kelvin",schemaPath:"#/prop\
erties/white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/minimum",keyword:"minimum",params:{comparison:">=",limit:2e3}};
r===null?r=[ne]:r.push(ne),e++}}else{const ne={instancePath:s+"/white/locked/kelvin",schemaPath:"#/properties/white/oneO\
f/0/properties/locked/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[ne]:r.push(ne),
e++}var f=X===e}else var f=!0;if(f)if(m.tint!==void 0){let re=m.tint;const X=e;if(e===X)if(typeof re=="number"&&isFinite(
re)){if(re>30||isNaN(re)){const le={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/propertie\
s/locked/oneOf/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=[le]:r.push(le),
e++}else if(re<-30||isNaN(re)){const le={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/prop\
erties/locked/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};r===null?r=[le]:r.push(
le),e++}}else{const le={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/one\
Of/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[le]:r.push(le),e++}var f=X===e}else var f=!0}}}else{
const b={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf/1/type",keyword:"\
type",params:{type:"object"}};r===null?r=[b]:r.push(b),e++}var d=N===e;if(d&&v?(v=!1,Q=[Q,1]):d&&(v=!0,Q=1),v)e=$,r!==null&&
($?r.length=$:r=null);else{const b={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/loc\
ked/oneOf",keyword:"oneOf",params:{passingSchemas:Q}};r===null?r=[b]:r.push(b),e++}var M=u===e}else var M=!0}}}else{const a={
instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[
a]:r.push(a),e++}var p=G===e;p&&(P=!0,I=0);const w=e;if(e===w)if(i&&typeof i=="object"&&!Array.isArray(i)){let a;if(i.mode===
void 0&&(a="mode")||i.kelvin===void 0&&(a="kelvin")||i.tint===void 0&&(a="tint")){const g={instancePath:s+"/white",schemaPath:"\
#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:a}};r===null?r=[g]:r.push(g),e++}else{const g=e;
for(const m in i)if(!(m==="mode"||m==="kelvin"||m==="tint")){const u={instancePath:s+"/white",schemaPath:"#/properties/w\
hite/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[u]:r.push(u),
e++;break}if(g===e){if(i.mode!==void 0){const m=e;if(i.mode!=="held"){const u={instancePath:s+"/white/mode",schemaPath:"\
#/properties/white/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[u]:r.push(u),
e++}var z=m===e}else var z=!0;if(z){if(i.kelvin!==void 0){let m=i.kelvin;const u=e;if(e===u)if(typeof m=="number"&&isFinite(
m)){if(m>12e3||isNaN(m)){const v={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvi\
n/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[v]:r.push(v),e++}else if(m<2e3||isNaN(m)){
const v={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/minimum",keyword:"minim\
um",params:{comparison:">=",limit:2e3}};r===null?r=[v]:r.push(v),e++}}else{const v={instancePath:s+"/white/kelvin",schemaPath:"\
#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[v]:r.push(v),e++}var z=u===
e}else var z=!0;if(z)if(i.tint!==void 0){let m=i.tint;const u=e;if(e===u)if(typeof m=="number"&&isFinite(m)){if(m>30||isNaN(
m)){const v={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/maximum",keyword:"maxim\
um",params:{comparison:"<=",limit:30}};r===null?r=[v]:r.push(v),e++}else if(m<-30||isNaN(m)){const v={instancePath:s+"/w\
hite/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};
r===null?r=[v]:r.push(v),e++}}else{const v={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properti\
es/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[v]:r.push(v),e++}var z=u===e}else var z=!0}}}}else{const a={
instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[
a]:r.push(a),e++}var p=w===e;if(p&&P?(P=!1,I=[I,1]):p&&(P=!0,I=1),P)e=q,r!==null&&(q?r.length=q:r=null);else{const a={instancePath:s+
"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:I}};return r===null?r=[a]:r.push(a),
e++,W.errors=r,!1}var n=h===e}else var n=!0;if(n){if(t.files!==void 0){let i=t.files;const h=e;if(!(i==="dng"||i==="dng+\
jpeg"||i==="jpeg"||i==="tiff"||i==="png"))return W.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/enum",
keyword:"enum",params:{allowedValues:me.properties.files.enum}}],!1;var n=h===e}else var n=!0;if(n){if(t.jpegQuality!==void 0){
let i=t.jpegQuality;const h=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return W.errors=[{instancePath:s+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/type",keyword:"type",params:{type:"integer"}}],!1;if(e===h&&typeof i==
"number"&&isFinite(i)){if(i>100||isNaN(i))return W.errors=[{instancePath:s+"/jpegQuality",schemaPath:"#/properties/jpegQ\
uality/maximum",keyword:"maximum",params:{comparison:"<=",limit:100}}],!1;if(i<60||isNaN(i))return W.errors=[{instancePath:s+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/minimum",keyword:"minimum",params:{comparison:">=",limit:60}}],!1}var n=h===
e}else var n=!0;if(n){if(t.average!==void 0){let i=t.average;const h=e,q=e;let P=!1,I=null;const G=e;if(i!==1){const a={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/0/const",keyword:"const",params:{allowedValue:1}};r===null?
r=[a]:r.push(a),e++}var S=G===e;S&&(P=!0,I=0);const w=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i))){const a={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"integer"}};r===null?
r=[a]:r.push(a),e++}if(e===w&&typeof i=="number"&&isFinite(i)){if(i>64||isNaN(i)){const a={instancePath:s+"/average",schemaPath:"\
#/properties/average/oneOf/1/maximum",keyword:"maximum",params:{comparison:"<=",limit:64}};r===null?r=[a]:r.push(a),e++}else if(i<
4||isNaN(i)){const a={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/minimum",keyword:"minimum",params:{
comparison:">=",limit:4}};r===null?r=[a]:r.push(a),e++}}var S=w===e;if(S&&P?(P=!1,I=[I,1]):S&&(P=!0,I=1),P)e=q,r!==null&&
(q?r.length=q:r=null);else{const a={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf",keyword:"oneOf",params:{
passingSchemas:I}};return r===null?r=[a]:r.push(a),e++,W.errors=r,!1}var n=h===e}else var n=!0;if(n){if(t.aspect!==void 0){
let i=t.aspect;const h=e;if(!(i==="4:3"||i==="3:2"||i==="16:9"||i==="1:1"))return W.errors=[{instancePath:s+"/aspect",schemaPath:"\
#/properties/aspect/enum",keyword:"enum",params:{allowedValues:me.properties.aspect.enum}}],!1;var n=h===e}else var n=!0;
if(n){if(t.series!==void 0){let i=t.series;const h=e,q=e;let P=!1,I=null;const G=e;if(e===G)if(i&&typeof i=="object"&&!Array.
isArray(i)){let a;if(i.kind===void 0&&(a="kind")){const g={instancePath:s+"/series",schemaPath:"#/properties/series/oneO\
f/0/required",keyword:"required",params:{missingProperty:a}};r===null?r=[g]:r.push(g),e++}else{const g=e;for(const m in i)
if(m!=="kind"){const u={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/0/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:m}};r===null?r=[u]:r.push(u),e++;break}if(g===e&&i.kind!==void 0&&i.kind!==
"single"){const m={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/0/properties/kind/const",keyword:"\
const",params:{allowedValue:"single"}};r===null?r=[m]:r.push(m),e++}}}else{const a={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[a]:r.push(a),e++}var k=G===e;k&&(P=
!0,I=0);const w=e;if(e===w)if(i&&typeof i=="object"&&!Array.isArray(i)){let a;if(i.kind===void 0&&(a="kind")||i.frames===
void 0&&(a="frames")||i.stepClicks===void 0&&(a="stepClicks")||i.order===void 0&&(a="order")){const g={instancePath:s+"/\
series",schemaPath:"#/properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:a}};r===null?r=[g]:
r.push(g),e++}else{const g=e;for(const m in i)if(!(m==="kind"||m==="frames"||m==="stepClicks"||m==="order")){const u={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};
r===null?r=[u]:r.push(u),e++;break}if(g===e){if(i.kind!==void 0){const m=e;if(i.kind!=="bracket"){const u={instancePath:s+
"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/const",keyword:"const",params:{allowedValue:"brac\
ket"}};r===null?r=[u]:r.push(u),e++}var l=m===e}else var l=!0;if(l){if(i.frames!==void 0){let m=i.frames;const u=e;if(!(typeof m==
"number"&&!(m%1)&&!isNaN(m)&&isFinite(m))){const v={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneO\
f/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[v]:r.push(v),e++}if(e===u&&typeof m=="nu\
mber"&&isFinite(m)){if(m>9||isNaN(m)){const v={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/1/p\
roperties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[v]:r.push(v),e++}else if(m<2||
isNaN(m)){const v={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/minimum",keyword:"\
minimum",params:{comparison:">=",limit:2}};r===null?r=[v]:r.push(v),e++}}var l=u===e}else var l=!0;if(l){if(i.stepClicks!==
void 0){let m=i.stepClicks;const u=e;if(!(typeof m=="number"&&!(m%1)&&!isNaN(m)&&isFinite(m))){const v={instancePath:s+"\
/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/type",keyword:"type",params:{type:"int\
eger"}};r===null?r=[v]:r.push(v),e++}if(e===u&&typeof m=="number"&&isFinite(m)){if(m>9||isNaN(m)){const v={instancePath:s+
"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}};r===null?r=[v]:r.push(v),e++}else if(m<1||isNaN(m)){const v={instancePath:s+"/series/stepClicks",schemaPath:"\
#/properties/series/oneOf/1/properties/stepClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?
r=[v]:r.push(v),e++}}var l=u===e}else var l=!0;if(l)if(i.order!==void 0){let m=i.order;const u=e;if(!(m==="middle-first"||
m==="dark-first"||m==="bright-first")){const v={instancePath:s+"/series/order",schemaPath:"#/properties/series/oneOf/1/p\
roperties/order/enum",keyword:"enum",params:{allowedValues:me.properties.series.oneOf[1].properties.order.enum}};r===null?
r=[v]:r.push(v),e++}var l=u===e}else var l=!0}}}}}else{const a={instancePath:s+"/series",schemaPath:"#/properties/series\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[a]:r.push(a),e++}var k=w===e;if(k&&P)P=!1,I=[I,1];else{
k&&(P=!0,I=1);const a=e;if(e===a)if(i&&typeof i=="object"&&!Array.isArray(i)){let m;if(i.kind===void 0&&(m="kind")||i.frames===
void 0&&(m="frames")){const u={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/2/required",keyword:"requi\
red",params:{missingProperty:m}};r===null?r=[u]:r.push(u),e++}else{const u=e;for(const $ in i)if(!($==="kind"||$==="fram\
es")){const v={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/2/additionalProperties",keyword:"additiona\
lProperties",params:{additionalProperty:$}};r===null?r=[v]:r.push(v),e++;break}if(u===e){if(i.kind!==void 0){const $=e;if(i.
kind!=="burst"){const v={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/2/properties/kind/const",keyword:"\
const",params:{allowedValue:"burst"}};r===null?r=[v]:r.push(v),e++}var E=$===e}else var E=!0;if(E)if(i.frames!==void 0){
let $=i.frames;const v=e;if(!(typeof $=="number"&&!($%1)&&!isNaN($)&&isFinite($))){const J={instancePath:s+"/series/fram\
es",schemaPath:"#/properties/series/oneOf/2/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[
J]:r.push(J),e++}if(e===v&&typeof $=="number"&&isFinite($)){if($>60||isNaN($)){const J={instancePath:s+"/series/frames",
schemaPath:"#/properties/series/oneOf/2/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:60}};
r===null?r=[J]:r.push(J),e++}else if($<3||isNaN($)){const J={instancePath:s+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/2/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:3}};r===null?r=[J]:r.push(J),e++}}
var E=v===e}else var E=!0}}}else{const m={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/2/type",keyword:"\
type",params:{type:"object"}};r===null?r=[m]:r.push(m),e++}var k=a===e;if(k&&P)P=!1,I=[I,2];else{k&&(P=!0,I=2);const m=e;
if(e===m)if(i&&typeof i=="object"&&!Array.isArray(i)){let $;if(i.kind===void 0&&($="kind")||i.places===void 0&&($="place\
s")||i.nearDioptres===void 0&&($="nearDioptres")||i.farDioptres===void 0&&($="farDioptres")||i.overlap===void 0&&($="ove\
rlap")){const v={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/3/required",keyword:"required",params:{missingProperty:$}};
r===null?r=[v]:r.push(v),e++}else{const v=e;for(const Q in i)if(!(Q==="kind"||Q==="places"||Q==="nearDioptres"||Q==="far\
Dioptres"||Q==="overlap")){const J={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/3/additionalPropertie\
s",keyword:"additionalProperties",params:{additionalProperty:Q}};r===null?r=[J]:r.push(J),e++;break}if(v===e){if(i.kind!==
void 0){const Q=e;if(i.kind!=="focus"){const J={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/3/pr\
operties/kind/const",keyword:"const",params:{allowedValue:"focus"}};r===null?r=[J]:r.push(J),e++}var y=Q===e}else var y=!0;
if(y){if(i.places!==void 0){let Q=i.places;const J=e,N=e;let H=!1,b=null;const D=e;if(Q!==null){const ne={instancePath:s+
"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/0/type",keyword:"type",params:{type:"nu\
ll"}};r===null?r=[ne]:r.push(ne),e++}var ee=D===e;ee&&(H=!0,b=0);const re=e;if(e===re)if(Array.isArray(Q))if(Q.length>30){
const ne={instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/maxItems",keyword:"\
maxItems",params:{limit:30}};r===null?r=[ne]:r.push(ne),e++}else{var L=!0;const ne=Q.length;for(let le=0;le<ne;le++){let we=Q[le];
const xe=e;if(e===xe)if(typeof we=="number"&&isFinite(we)){if(we>25||isNaN(we)){const ge={instancePath:s+"/series/places\
/"+le,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:25}};r===null?r=[ge]:r.push(ge),e++}else if(we<-1||isNaN(we)){const ge={instancePath:s+"/series/places/"+le,schemaPath:"\
#/properties/series/oneOf/3/properties/places/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};
r===null?r=[ge]:r.push(ge),e++}}else{const ge={instancePath:s+"/series/places/"+le,schemaPath:"#/properties/series/oneOf\
/3/properties/places/oneOf/1/items/type",keyword:"type",params:{type:"number"}};r===null?r=[ge]:r.push(ge),e++}var L=xe===
e;if(!L)break}}else{const ne={instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/\
oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[ne]:r.push(ne),e++}var ee=re===e;if(ee&&H?(H=!1,b=[b,1]):
ee&&(H=!0,b=1),H)e=N,r!==null&&(N?r.length=N:r=null);else{const ne={instancePath:s+"/series/places",schemaPath:"#/proper\
ties/series/oneOf/3/properties/places/oneOf",keyword:"oneOf",params:{passingSchemas:b}};r===null?r=[ne]:r.push(ne),e++}var y=J===
e}else var y=!0;if(y){if(i.nearDioptres!==void 0){let Q=i.nearDioptres;const J=e;if(e===J)if(typeof Q=="number"&&isFinite(
Q)){if(Q>25||isNaN(Q)){const H={instancePath:s+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties\
/nearDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[H]:r.push(H),e++}else if(Q<-1||isNaN(
Q)){const H={instancePath:s+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/minim\
um",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[H]:r.push(H),e++}}else{const H={instancePath:s+"/se\
ries/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/type",keyword:"type",params:{type:"nu\
mber"}};r===null?r=[H]:r.push(H),e++}var y=J===e}else var y=!0;if(y){if(i.farDioptres!==void 0){let Q=i.farDioptres;const J=e;
if(e===J)if(typeof Q=="number"&&isFinite(Q)){if(Q>25||isNaN(Q)){const H={instancePath:s+"/series/farDioptres",schemaPath:"\
#/properties/series/oneOf/3/properties/farDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?
r=[H]:r.push(H),e++}else if(Q<-1||isNaN(Q)){const H={instancePath:s+"/series/farDioptres",schemaPath:"#/properties/serie\
s/oneOf/3/properties/farDioptres/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[H]:r.push(H),
e++}}else{const H={instancePath:s+"/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/t\
ype",keyword:"type",params:{type:"number"}};r===null?r=[H]:r.push(H),e++}var y=J===e}else var y=!0;if(y)if(i.overlap!==void 0){
let Q=i.overlap;const J=e;if(e===J)if(typeof Q=="number"&&isFinite(Q)){if(Q>.8||isNaN(Q)){const H={instancePath:s+"/seri\
es/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/maximum",keyword:"maximum",params:{comparison:"<=",
limit:.8}};r===null?r=[H]:r.push(H),e++}else if(Q<0||isNaN(Q)){const H={instancePath:s+"/series/overlap",schemaPath:"#/p\
roperties/series/oneOf/3/properties/overlap/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[H]:
r.push(H),e++}}else{const H={instancePath:s+"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap\
/type",keyword:"type",params:{type:"number"}};r===null?r=[H]:r.push(H),e++}var y=J===e}else var y=!0}}}}}}else{const $={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/3/type",keyword:"type",params:{type:"object"}};r===null?r=
[$]:r.push($),e++}var k=m===e;if(k&&P)P=!1,I=[I,3];else{k&&(P=!0,I=3);const $=e;if(e===$)if(i&&typeof i=="object"&&!Array.
isArray(i)){let Q;if(i.kind===void 0&&(Q="kind")||i.everyS===void 0&&(Q="everyS")||i.frames===void 0&&(Q="frames")||i.exposure===
void 0&&(Q="exposure")||i.lightS===void 0&&(Q="lightS")){const J={instancePath:s+"/series",schemaPath:"#/properties/seri\
es/oneOf/4/required",keyword:"required",params:{missingProperty:Q}};r===null?r=[J]:r.push(J),e++}else{const J=e;for(const N in i)
if(!(N==="kind"||N==="everyS"||N==="frames"||N==="exposure"||N==="lightS")){const H={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/4/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:N}};r===null?
r=[H]:r.push(H),e++;break}if(J===e){if(i.kind!==void 0){const N=e;if(i.kind!=="interval"){const H={instancePath:s+"/seri\
es/kind",schemaPath:"#/properties/series/oneOf/4/properties/kind/const",keyword:"const",params:{allowedValue:"interval"}};
r===null?r=[H]:r.push(H),e++}var x=N===e}else var x=!0;if(x){if(i.everyS!==void 0){let N=i.everyS;const H=e;if(!(typeof N==
"number"&&!(N%1)&&!isNaN(N)&&isFinite(N))){const D={instancePath:s+"/series/everyS",schemaPath:"#/properties/series/oneO\
f/4/properties/everyS/type",keyword:"type",params:{type:"integer"}};r===null?r=[D]:r.push(D),e++}if(e===H&&typeof N=="nu\
mber"&&isFinite(N)){if(N>3600||isNaN(N)){const D={instancePath:s+"/series/everyS",schemaPath:"#/properties/series/oneOf/\
4/properties/everyS/maximum",keyword:"maximum",params:{comparison:"<=",limit:3600}};r===null?r=[D]:r.push(D),e++}else if(N<
1||isNaN(N)){const D={instancePath:s+"/series/everyS",schemaPath:"#/properties/series/oneOf/4/properties/everyS/minimum",
keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[D]:r.push(D),e++}}var x=H===e}else var x=!0;if(x){if(i.frames!==
void 0){let N=i.frames;const H=e;if(!(typeof N=="number"&&!(N%1)&&!isNaN(N)&&isFinite(N))){const D={instancePath:s+"/ser\
ies/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[D]:r.push(D),e++}if(e===H&&typeof N=="number"&&isFinite(N)){if(N>999||isNaN(N)){const D={instancePath:s+"/series\
/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:999}};
r===null?r=[D]:r.push(D),e++}else if(N<2||isNaN(N)){const D={instancePath:s+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/4/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:2}};r===null?r=[D]:r.push(D),e++}}
var x=H===e}else var x=!0;if(x){if(i.exposure!==void 0){let N=i.exposure;const H=e;if(!(N==="held"||N==="metered")){const D={
instancePath:s+"/series/exposure",schemaPath:"#/properties/series/oneOf/4/properties/exposure/enum",keyword:"enum",params:{
allowedValues:me.properties.series.oneOf[4].properties.exposure.enum}};r===null?r=[D]:r.push(D),e++}var x=H===e}else var x=!0;
if(x)if(i.lightS!==void 0){let N=i.lightS;const H=e;if(!(typeof N=="number"&&!(N%1)&&!isNaN(N)&&isFinite(N))){const D={instancePath:s+
"/series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/type",keyword:"type",params:{type:"integer"}};
r===null?r=[D]:r.push(D),e++}if(e===H&&typeof N=="number"&&isFinite(N)){if(N>86400||isNaN(N)){const D={instancePath:s+"/\
series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:86400}};r===null?r=[D]:r.push(D),e++}else if(N<0||isNaN(N)){const D={instancePath:s+"/series/lightS",schemaPath:"\
#/properties/series/oneOf/4/properties/lightS/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[D]:
r.push(D),e++}}var x=H===e}else var x=!0}}}}}}else{const Q={instancePath:s+"/series",schemaPath:"#/properties/series/one\
Of/4/type",keyword:"type",params:{type:"object"}};r===null?r=[Q]:r.push(Q),e++}var k=$===e;if(k&&P)P=!1,I=[I,4];else{k&&
(P=!0,I=4);const Q=e;if(e===Q)if(i&&typeof i=="object"&&!Array.isArray(i)){let N;if(i.kind===void 0&&(N="kind")||i.totalS===
void 0&&(N="totalS")||i.gather===void 0&&(N="gather")){const H={instancePath:s+"/series",schemaPath:"#/properties/series\
/oneOf/5/required",keyword:"required",params:{missingProperty:N}};r===null?r=[H]:r.push(H),e++}else{const H=e;for(const b in i)
if(!(b==="kind"||b==="totalS"||b==="gather")){const D={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/5/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:b}};r===null?r=[D]:r.push(D),e++;break}if(H===
e){if(i.kind!==void 0){const b=e;if(i.kind!=="long"){const D={instancePath:s+"/series/kind",schemaPath:"#/properties/ser\
ies/oneOf/5/properties/kind/const",keyword:"const",params:{allowedValue:"long"}};r===null?r=[D]:r.push(D),e++}var T=b===
e}else var T=!0;if(T){if(i.totalS!==void 0){let b=i.totalS;const D=e;if(!(typeof b=="number"&&!(b%1)&&!isNaN(b)&&isFinite(
b))){const X={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/type",keyword:"t\
ype",params:{type:"integer"}};r===null?r=[X]:r.push(X),e++}if(e===D&&typeof b=="number"&&isFinite(b)){if(b>7200||isNaN(b)){
const X={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:7200}};r===null?r=[X]:r.push(X),e++}else if(b<30||isNaN(b)){const X={instancePath:s+
"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:30}};r===null?r=[X]:r.push(X),e++}}var T=D===e}else var T=!0;if(T)if(i.gather!==void 0){let b=i.gather;const D=e;
if(!(b==="mean"||b==="sum"||b==="brightest")){const X={instancePath:s+"/series/gather",schemaPath:"#/properties/series/o\
neOf/5/properties/gather/enum",keyword:"enum",params:{allowedValues:me.properties.series.oneOf[5].properties.gather.enum}};
r===null?r=[X]:r.push(X),e++}var T=D===e}else var T=!0}}}}else{const N={instancePath:s+"/series",schemaPath:"#/propertie\
s/series/oneOf/5/type",keyword:"type",params:{type:"object"}};r===null?r=[N]:r.push(N),e++}var k=Q===e;k&&P?(P=!1,I=[I,5]):
k&&(P=!0,I=5)}}}}if(P)e=q,r!==null&&(q?r.length=q:r=null);else{const a={instancePath:s+"/series",schemaPath:"#/propertie\
s/series/oneOf",keyword:"oneOf",params:{passingSchemas:I}};return r===null?r=[a]:r.push(a),e++,W.errors=r,!1}var n=h===e}else
var n=!0;if(n)if(t.delayS!==void 0){let i=t.delayS;const h=e;if(!(i===0||i===2||i===3||i===10||i===20))return W.errors=[
{instancePath:s+"/delayS",schemaPath:"#/properties/delayS/enum",keyword:"enum",params:{allowedValues:me.properties.delayS.
enum}}],!1;var n=h===e}else var n=!0}}}}}}}}}}}}}}}}}}}}}}}}else return W.errors=[{instancePath:s,schemaPath:"#/type",keyword:"\
type",params:{type:"object"}}],!1;return W.errors=r,e===0}const Ve=Z,pe={$id:"velmo/preferences/7",type:"object",properties:{
version:{const:7},compStepClicks:{enum:[1,1.5,3]},monitors:{type:"object",properties:{over:{enum:["any","red","green","b\
lue","off"]},overColour:{enum:["pink","white","black"]},under:{type:"boolean"},zebra:{oneOf:[{type:"null"},{type:"object",
properties:{on:{const:"raw"},clicksUnder:{type:"integer",minimum:0,maximum:9}},required:["on","clicksUnder"],additionalProperties:!1},
{type:"object",properties:{on:{const:"picture"},percent:{type:"integer",minimum:70,maximum:109}},required:["on","percent"],
additionalProperties:!1}]},toneClicks:{type:["integer","null"],minimum:-18,maximum:9},rawHistogram:{enum:["off","small",
"large"]},logHeight:{type:"boolean"},pictureHistogram:{type:"boolean"},allowedShare:{enum:[0,.001,.005,.02]},peaking:{enum:[
"focusing","always","off"]},peakingStrength:{enum:["low","medium","high"]},peakingColour:{enum:["violet","white","blue"]}},
required:["over","overColour","under","zebra","toneClicks","rawHistogram","logHeight","pictureHistogram","allowedShare",
"peaking","peakingStrength","peakingColour"],additionalProperties:!1},aids:{type:"object",properties:{grid:{enum:["third\
s","golden","diagonals","squares","cross","off"]},frame:{enum:["1:1","5:4","3:2","16:9","2:1","off"]},level:{type:"boole\
an"},caption:{type:"array",items:{enum:["exposure","light","focus","white","lens","tilt"]},uniqueItems:!0},strength:{enum:[
"faint","middle","strong"]}},required:["grid","frame","level","caption","strength"],additionalProperties:!1},screen:{type:"\
object",properties:{plate:{enum:["graphite","sunlight","night"]},type:{enum:["usual","large"]},awake:{type:"boolean"},hand:{
enum:["right","left"]},shutterSound:{type:"boolean"},haptics:{type:"boolean"}},required:["plate","type","awake","hand","\
shutterSound","haptics"],additionalProperties:!1},focusing:{type:"object",properties:{unit:{enum:["m","ft"]},loupeZoom:{
enum:[1,2]},loupeWithFocus:{type:"boolean"},beforeCapture:{type:"boolean"}},required:["unit","loupeZoom","loupeWithFocus",
"beforeCapture"],additionalProperties:!1},delaySound:{type:"boolean"},lightAhead:{enum:["fitting","always","never"]},naming:{
type:"object",properties:{pattern:{type:"string",maxLength:80},count:{type:"integer",minimum:1,maximum:1e9}},required:["\
pattern","count"],additionalProperties:!1}},required:["version","compStepClicks","monitors","aids","screen","focusing","\
naming","delaySound","lightAhead"],additionalProperties:!1},_e=require("ajv/dist/runtime/equal").default,te=require("ajv/dist/runtime/ucs2length").
default;function Z(t,{instancePath:s="",parentData:ye,parentDataProperty:he,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&
typeof t=="object"&&!Array.isArray(t)){let c;if(t.version===void 0&&(c="version")||t.compStepClicks===void 0&&(c="compSt\
epClicks")||t.monitors===void 0&&(c="monitors")||t.aids===void 0&&(c="aids")||t.screen===void 0&&(c="screen")||t.focusing===
void 0&&(c="focusing")||t.naming===void 0&&(c="naming")||t.delaySound===void 0&&(c="delaySound")||t.lightAhead===void 0&&
(c="lightAhead"))return Z.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:c}}],
!1;{const M=e;for(const f in t)if(!Pe.call(pe.properties,f)){return Z.errors=[{instancePath:s,schemaPath:"#/additionalPr\
operties",keyword:"additionalProperties",params:{additionalProperty:f}}],!1;break}if(M===e){if(t.version!==void 0){const f=e;
if(t.version!==7)return Z.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:7}}],!1;var n=f===e}else var n=!0;if(n){if(t.compStepClicks!==void 0){let f=t.compStepClicks;const d=e;if(!(f===
1||f===1.5||f===3))return Z.errors=[{instancePath:s+"/compStepClicks",schemaPath:"#/properties/compStepClicks/enum",keyword:"\
enum",params:{allowedValues:pe.properties.compStepClicks.enum}}],!1;var n=d===e}else var n=!0;if(n){if(t.monitors!==void 0){
let f=t.monitors;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){let p;if(f.over===void 0&&(p="over")||f.
overColour===void 0&&(p="overColour")||f.under===void 0&&(p="under")||f.zebra===void 0&&(p="zebra")||f.toneClicks===void 0&&
(p="toneClicks")||f.rawHistogram===void 0&&(p="rawHistogram")||f.logHeight===void 0&&(p="logHeight")||f.pictureHistogram===
void 0&&(p="pictureHistogram")||f.allowedShare===void 0&&(p="allowedShare")||f.peaking===void 0&&(p="peaking")||f.peakingStrength===
void 0&&(p="peakingStrength")||f.peakingColour===void 0&&(p="peakingColour"))return Z.errors=[{instancePath:s+"/monitors",
schemaPath:"#/properties/monitors/required",keyword:"required",params:{missingProperty:p}}],!1;{const S=e;for(const l in f)
if(!Pe.call(pe.properties.monitors.properties,l)){return Z.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/\
monitors/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(S===e){if(f.over!==
void 0){let l=f.over;const k=e;if(!(l==="any"||l==="red"||l==="green"||l==="blue"||l==="off"))return Z.errors=[{instancePath:s+
"/monitors/over",schemaPath:"#/properties/monitors/properties/over/enum",keyword:"enum",params:{allowedValues:pe.properties.
monitors.properties.over.enum}}],!1;var _=k===e}else var _=!0;if(_){if(f.overColour!==void 0){let l=f.overColour;const k=e;
if(!(l==="pink"||l==="white"||l==="black"))return Z.errors=[{instancePath:s+"/monitors/overColour",schemaPath:"#/propert\
ies/monitors/properties/overColour/enum",keyword:"enum",params:{allowedValues:pe.properties.monitors.properties.overColour.
enum}}],!1;var _=k===e}else var _=!0;if(_){if(f.under!==void 0){const l=e;if(typeof f.under!="boolean")return Z.errors=[
{instancePath:s+"/monitors/under",schemaPath:"#/properties/monitors/properties/under/type",keyword:"type",params:{type:"\
boolean"}}],!1;var _=l===e}else var _=!0;if(_){if(f.zebra!==void 0){let l=f.zebra;const k=e,E=e;let y=!1,L=null;const ee=e;
if(l!==null){const o={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/0/type",
keyword:"type",params:{type:"null"}};r===null?r=[o]:r.push(o),e++}var V=ee===e;V&&(y=!0,L=0);const x=e;if(e===x)if(l&&typeof l==
"object"&&!Array.isArray(l)){let o;if(l.on===void 0&&(o="on")||l.clicksUnder===void 0&&(o="clicksUnder")){const j={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/required",keyword:"required",params:{missingProperty:o}};
r===null?r=[j]:r.push(j),e++}else{const j=e;for(const i in l)if(!(i==="on"||i==="clicksUnder")){const h={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/additionalProperties",keyword:"additionalPr\
operties",params:{additionalProperty:i}};r===null?r=[h]:r.push(h),e++;break}if(j===e){if(l.on!==void 0){const i=e;if(l.on!==
"raw"){const h={instancePath:s+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/propertie\
s/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?r=[h]:r.push(h),e++}var F=i===e}else var F=!0;if(F)if(l.
clicksUnder!==void 0){let i=l.clicksUnder;const h=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i))){const P={instancePath:s+
"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"\
type",params:{type:"integer"}};r===null?r=[P]:r.push(P),e++}if(e===h&&typeof i=="number"&&isFinite(i)){if(i>9||isNaN(i)){
const P={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/propert\
ies/clicksUnder/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[P]:r.push(P),e++}else if(i<0||isNaN(
i)){const P={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/pro\
perties/clicksUnder/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[P]:r.push(P),e++}}var F=h===
e}else var F=!0}}}else{const o={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var V=x===e;if(V&&y)y=!1,L=[L,1];else{V&&(y=
!0,L=1);const o=e;if(e===o)if(l&&typeof l=="object"&&!Array.isArray(l)){let i;if(l.on===void 0&&(i="on")||l.percent===void 0&&
(i="percent")){const h={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/requ\
ired",keyword:"required",params:{missingProperty:i}};r===null?r=[h]:r.push(h),e++}else{const h=e;for(const q in l)if(!(q===
"on"||q==="percent")){const P={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf\
/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:q}};r===null?r=[P]:r.push(P),e++;break}
if(h===e){if(l.on!==void 0){const q=e;if(l.on!=="picture"){const P={instancePath:s+"/monitors/zebra/on",schemaPath:"#/pr\
operties/monitors/properties/zebra/oneOf/2/properties/on/const",keyword:"const",params:{allowedValue:"picture"}};r===null?
r=[P]:r.push(P),e++}var Y=q===e}else var Y=!0;if(Y)if(l.percent!==void 0){let q=l.percent;const P=e;if(!(typeof q=="numb\
er"&&!(q%1)&&!isNaN(q)&&isFinite(q))){const G={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitor\
s/properties/zebra/oneOf/2/properties/percent/type",keyword:"type",params:{type:"integer"}};r===null?r=[G]:r.push(G),e++}
if(e===P&&typeof q=="number"&&isFinite(q)){if(q>109||isNaN(q)){const G={instancePath:s+"/monitors/zebra/percent",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/2/properties/percent/maximum",keyword:"maximum",params:{comparison:"<=",limit:109}};
r===null?r=[G]:r.push(G),e++}else if(q<70||isNaN(q)){const G={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/pro\
perties/monitors/properties/zebra/oneOf/2/properties/percent/minimum",keyword:"minimum",params:{comparison:">=",limit:70}};
r===null?r=[G]:r.push(G),e++}}var Y=P===e}else var Y=!0}}}else{const i={instancePath:s+"/monitors/zebra",schemaPath:"#/p\
roperties/monitors/properties/zebra/oneOf/2/type",keyword:"type",params:{type:"object"}};r===null?r=[i]:r.push(i),e++}var V=o===
e;V&&y?(y=!1,L=[L,2]):V&&(y=!0,L=2)}if(y)e=E,r!==null&&(E?r.length=E:r=null);else{const o={instancePath:s+"/monitors/zeb\
ra",schemaPath:"#/properties/monitors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:L}};return r===null?
r=[o]:r.push(o),e++,Z.errors=r,!1}var _=k===e}else var _=!0;if(_){if(f.toneClicks!==void 0){let l=f.toneClicks;const k=e;
if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l))&&l!==null)return Z.errors=[{instancePath:s+"/monitors/toneClick\
s",schemaPath:"#/properties/monitors/properties/toneClicks/type",keyword:"type",params:{type:pe.properties.monitors.properties.
toneClicks.type}}],!1;if(e===k&&typeof l=="number"&&isFinite(l)){if(l>9||isNaN(l))return Z.errors=[{instancePath:s+"/mon\
itors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}}],!1;if(l<-18||isNaN(l))return Z.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/mo\
nitors/properties/toneClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var _=k===e}else var _=!0;
if(_){if(f.rawHistogram!==void 0){let l=f.rawHistogram;const k=e;if(!(l==="off"||l==="small"||l==="large"))return Z.errors=
[{instancePath:s+"/monitors/rawHistogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",
params:{allowedValues:pe.properties.monitors.properties.rawHistogram.enum}}],!1;var _=k===e}else var _=!0;if(_){if(f.logHeight!==
void 0){const l=e;if(typeof f.logHeight!="boolean")return Z.errors=[{instancePath:s+"/monitors/logHeight",schemaPath:"#/\
properties/monitors/properties/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var _=l===e}else var _=!0;if(_){
if(f.pictureHistogram!==void 0){const l=e;if(typeof f.pictureHistogram!="boolean")return Z.errors=[{instancePath:s+"/mon\
itors/pictureHistogram",schemaPath:"#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"\
boolean"}}],!1;var _=l===e}else var _=!0;if(_){if(f.allowedShare!==void 0){let l=f.allowedShare;const k=e;if(!(l===0||l===
.001||l===.005||l===.02))return Z.errors=[{instancePath:s+"/monitors/allowedShare",schemaPath:"#/properties/monitors/pro\
perties/allowedShare/enum",keyword:"enum",params:{allowedValues:pe.properties.monitors.properties.allowedShare.enum}}],!1;
var _=k===e}else var _=!0;if(_){if(f.peaking!==void 0){let l=f.peaking;const k=e;if(!(l==="focusing"||l==="always"||l===
"off"))return Z.errors=[{instancePath:s+"/monitors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",keyword:"\
enum",params:{allowedValues:pe.properties.monitors.properties.peaking.enum}}],!1;var _=k===e}else var _=!0;if(_){if(f.peakingStrength!==
void 0){let l=f.peakingStrength;const k=e;if(!(l==="low"||l==="medium"||l==="high"))return Z.errors=[{instancePath:s+"/m\
onitors/peakingStrength",schemaPath:"#/properties/monitors/properties/peakingStrength/enum",keyword:"enum",params:{allowedValues:pe.
properties.monitors.properties.peakingStrength.enum}}],!1;var _=k===e}else var _=!0;if(_)if(f.peakingColour!==void 0){let l=f.
peakingColour;const k=e;if(!(l==="violet"||l==="white"||l==="blue"))return Z.errors=[{instancePath:s+"/monitors/peakingC\
olour",schemaPath:"#/properties/monitors/properties/peakingColour/enum",keyword:"enum",params:{allowedValues:pe.properties.
monitors.properties.peakingColour.enum}}],!1;var _=k===e}else var _=!0}}}}}}}}}}}}}else return Z.errors=[{instancePath:s+
"/monitors",schemaPath:"#/properties/monitors/type",keyword:"type",params:{type:"object"}}],!1;var n=d===e}else var n=!0;
if(n){if(t.aids!==void 0){let f=t.aids;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){let p;if(f.grid===
void 0&&(p="grid")||f.frame===void 0&&(p="frame")||f.level===void 0&&(p="level")||f.caption===void 0&&(p="caption")||f.strength===
void 0&&(p="strength"))return Z.errors=[{instancePath:s+"/aids",schemaPath:"#/properties/aids/required",keyword:"require\
d",params:{missingProperty:p}}],!1;{const S=e;for(const l in f)if(!(l==="grid"||l==="frame"||l==="level"||l==="caption"||
l==="strength")){return Z.errors=[{instancePath:s+"/aids",schemaPath:"#/properties/aids/additionalProperties",keyword:"a\
dditionalProperties",params:{additionalProperty:l}}],!1;break}if(S===e){if(f.grid!==void 0){let l=f.grid;const k=e;if(!(l===
"thirds"||l==="golden"||l==="diagonals"||l==="squares"||l==="cross"||l==="off"))return Z.errors=[{instancePath:s+"/aids/\
grid",schemaPath:"#/properties/aids/properties/grid/enum",keyword:"enum",params:{allowedValues:pe.properties.aids.properties.
grid.enum}}],!1;var C=k===e}else var C=!0;if(C){if(f.frame!==void 0){let l=f.frame;const k=e;if(!(l==="1:1"||l==="5:4"||
l==="3:2"||l==="16:9"||l==="2:1"||l==="off"))return Z.errors=[{instancePath:s+"/aids/frame",schemaPath:"#/properties/aid\
s/properties/frame/enum",keyword:"enum",params:{allowedValues:pe.properties.aids.properties.frame.enum}}],!1;var C=k===e}else
var C=!0;if(C){if(f.level!==void 0){const l=e;if(typeof f.level!="boolean")return Z.errors=[{instancePath:s+"/aids/level",
schemaPath:"#/properties/aids/properties/level/type",keyword:"type",params:{type:"boolean"}}],!1;var C=l===e}else var C=!0;
if(C){if(f.caption!==void 0){let l=f.caption;const k=e;if(e===k)if(Array.isArray(l)){var A=!0;const y=l.length;for(let L=0;L<
y;L++){let ee=l[L];const x=e;if(!(ee==="exposure"||ee==="light"||ee==="focus"||ee==="white"||ee==="lens"||ee==="tilt"))return Z.
errors=[{instancePath:s+"/aids/caption/"+L,schemaPath:"#/properties/aids/properties/caption/items/enum",keyword:"enum",params:{
allowedValues:pe.properties.aids.properties.caption.items.enum}}],!1;var A=x===e;if(!A)break}if(A){let L=l.length,ee;if(L>
1){e:for(;L--;)for(ee=L;ee--;)if(_e(l[L],l[ee])){return Z.errors=[{instancePath:s+"/aids/caption",schemaPath:"#/properti\
es/aids/properties/caption/uniqueItems",keyword:"uniqueItems",params:{i:L,j:ee}}],!1;break e}}}}else return Z.errors=[{instancePath:s+
"/aids/caption",schemaPath:"#/properties/aids/properties/caption/type",keyword:"type",params:{type:"array"}}],!1;var C=k===
e}else var C=!0;if(C)if(f.strength!==void 0){let l=f.strength;const k=e;if(!(l==="faint"||l==="middle"||l==="strong"))return Z.
errors=[{instancePath:s+"/aids/strength",schemaPath:"#/properties/aids/properties/strength/enum",keyword:"enum",params:{
allowedValues:pe.properties.aids.properties.strength.enum}}],!1;var C=k===e}else var C=!0}}}}}}else return Z.errors=[{instancePath:s+
"/aids",schemaPath:"#/properties/aids/type",keyword:"type",params:{type:"object"}}],!1;var n=d===e}else var n=!0;if(n){if(t.
screen!==void 0){let f=t.screen;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){let p;if(f.plate===void 0&&
(p="plate")||f.type===void 0&&(p="type")||f.awake===void 0&&(p="awake")||f.hand===void 0&&(p="hand")||f.shutterSound===void 0&&
(p="shutterSound")||f.haptics===void 0&&(p="haptics"))return Z.errors=[{instancePath:s+"/screen",schemaPath:"#/propertie\
s/screen/required",keyword:"required",params:{missingProperty:p}}],!1;{const S=e;for(const l in f)if(!(l==="plate"||l===
"type"||l==="awake"||l==="hand"||l==="shutterSound"||l==="haptics")){return Z.errors=[{instancePath:s+"/screen",schemaPath:"\
#/properties/screen/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(S===
e){if(f.plate!==void 0){let l=f.plate;const k=e;if(!(l==="graphite"||l==="sunlight"||l==="night"))return Z.errors=[{instancePath:s+
"/screen/plate",schemaPath:"#/properties/screen/properties/plate/enum",keyword:"enum",params:{allowedValues:pe.properties.
screen.properties.plate.enum}}],!1;var U=k===e}else var U=!0;if(U){if(f.type!==void 0){let l=f.type;const k=e;if(!(l==="\
usual"||l==="large"))return Z.errors=[{instancePath:s+"/screen/type",schemaPath:"#/properties/screen/properties/type/enu\
m",keyword:"enum",params:{allowedValues:pe.properties.screen.properties.type.enum}}],!1;var U=k===e}else var U=!0;if(U){
if(f.awake!==void 0){const l=e;if(typeof f.awake!="boolean")return Z.errors=[{instancePath:s+"/screen/awake",schemaPath:"\
#/properties/screen/properties/awake/type",keyword:"type",params:{type:"boolean"}}],!1;var U=l===e}else var U=!0;if(U){if(f.
hand!==void 0){let l=f.hand;const k=e;if(!(l==="right"||l==="left"))return Z.errors=[{instancePath:s+"/screen/hand",schemaPath:"\
#/properties/screen/properties/hand/enum",keyword:"enum",params:{allowedValues:pe.properties.screen.properties.hand.enum}}],
!1;var U=k===e}else var U=!0;if(U){if(f.shutterSound!==void 0){const l=e;if(typeof f.shutterSound!="boolean")return Z.errors=
[{instancePath:s+"/screen/shutterSound",schemaPath:"#/properties/screen/properties/shutterSound/type",keyword:"type",params:{
type:"boolean"}}],!1;var U=l===e}else var U=!0;if(U)if(f.haptics!==void 0){const l=e;if(typeof f.haptics!="boolean")return Z.
errors=[{instancePath:s+"/screen/haptics",schemaPath:"#/properties/screen/properties/haptics/type",keyword:"type",params:{
type:"boolean"}}],!1;var U=l===e}else var U=!0}}}}}}}else return Z.errors=[{instancePath:s+"/screen",schemaPath:"#/prope\
rties/screen/type",keyword:"type",params:{type:"object"}}],!1;var n=d===e}else var n=!0;if(n){if(t.focusing!==void 0){let f=t.
focusing;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){let p;if(f.unit===void 0&&(p="unit")||f.loupeZoom===
void 0&&(p="loupeZoom")||f.loupeWithFocus===void 0&&(p="loupeWithFocus")||f.beforeCapture===void 0&&(p="beforeCapture"))
return Z.errors=[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/required",keyword:"required",params:{missingProperty:p}}],
!1;{const S=e;for(const l in f)if(!(l==="unit"||l==="loupeZoom"||l==="loupeWithFocus"||l==="beforeCapture")){return Z.errors=
[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:l}}],!1;break}if(S===e){if(f.unit!==void 0){let l=f.unit;const k=e;if(!(l==="m"||l==="ft"))return Z.errors=
[{instancePath:s+"/focusing/unit",schemaPath:"#/properties/focusing/properties/unit/enum",keyword:"enum",params:{allowedValues:pe.
properties.focusing.properties.unit.enum}}],!1;var O=k===e}else var O=!0;if(O){if(f.loupeZoom!==void 0){let l=f.loupeZoom;
const k=e;if(!(l===1||l===2))return Z.errors=[{instancePath:s+"/focusing/loupeZoom",schemaPath:"#/properties/focusing/pr\
operties/loupeZoom/enum",keyword:"enum",params:{allowedValues:pe.properties.focusing.properties.loupeZoom.enum}}],!1;var O=k===
e}else var O=!0;if(O){if(f.loupeWithFocus!==void 0){const l=e;if(typeof f.loupeWithFocus!="boolean")return Z.errors=[{instancePath:s+
"/focusing/loupeWithFocus",schemaPath:"#/properties/focusing/properties/loupeWithFocus/type",keyword:"type",params:{type:"\
boolean"}}],!1;var O=l===e}else var O=!0;if(O)if(f.beforeCapture!==void 0){const l=e;if(typeof f.beforeCapture!="boolean")
return Z.errors=[{instancePath:s+"/focusing/beforeCapture",schemaPath:"#/properties/focusing/properties/beforeCapture/ty\
pe",keyword:"type",params:{type:"boolean"}}],!1;var O=l===e}else var O=!0}}}}}else return Z.errors=[{instancePath:s+"/fo\
cusing",schemaPath:"#/properties/focusing/type",keyword:"type",params:{type:"object"}}],!1;var n=d===e}else var n=!0;if(n){
if(t.delaySound!==void 0){const f=e;if(typeof t.delaySound!="boolean")return Z.errors=[{instancePath:s+"/delaySound",schemaPath:"\
#/properties/delaySound/type",keyword:"type",params:{type:"boolean"}}],!1;var n=f===e}else var n=!0;if(n){if(t.lightAhead!==
void 0){let f=t.lightAhead;const d=e;if(!(f==="fitting"||f==="always"||f==="never"))return Z.errors=[{instancePath:s+"/l\
ightAhead",schemaPath:"#/properties/lightAhead/enum",keyword:"enum",params:{allowedValues:pe.properties.lightAhead.enum}}],
!1;var n=d===e}else var n=!0;if(n)if(t.naming!==void 0){let f=t.naming;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.
isArray(f)){let p;if(f.pattern===void 0&&(p="pattern")||f.count===void 0&&(p="count"))return Z.errors=[{instancePath:s+"\
/naming",schemaPath:"#/properties/naming/required",keyword:"required",params:{missingProperty:p}}],!1;{const S=e;for(const l in f)
if(!(l==="pattern"||l==="count")){return Z.errors=[{instancePath:s+"/naming",schemaPath:"#/properties/naming/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(S===e){if(f.pattern!==void 0){let l=f.
pattern;const k=e;if(e===k)if(typeof l=="string"){if(te(l)>80)return Z.errors=[{instancePath:s+"/naming/pattern",schemaPath:"\
#/properties/naming/properties/pattern/maxLength",keyword:"maxLength",params:{limit:80}}],!1}else return Z.errors=[{instancePath:s+
"/naming/pattern",schemaPath:"#/properties/naming/properties/pattern/type",keyword:"type",params:{type:"string"}}],!1;var K=k===
e}else var K=!0;if(K)if(f.count!==void 0){let l=f.count;const k=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))
return Z.errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/type",keyword:"type",params:{
type:"integer"}}],!1;if(e===k&&typeof l=="number"&&isFinite(l)){if(l>1e9||isNaN(l))return Z.errors=[{instancePath:s+"/na\
ming/count",schemaPath:"#/properties/naming/properties/count/maximum",keyword:"maximum",params:{comparison:"<=",limit:1e9}}],
!1;if(l<1||isNaN(l))return Z.errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var K=k===e}else var K=!0}}}else return Z.errors=[{instancePath:s+
"/naming",schemaPath:"#/properties/naming/type",keyword:"type",params:{type:"object"}}],!1;var n=d===e}else var n=!0}}}}}}}}}}else
return Z.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return Z.errors=r,e===0}
const De=R,ue={$id:"velmo/frame/2",type:"object",properties:{version:{const:2},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
4}$"},capturedAt:{type:"number",minimum:0},camera:{enum:["simulated","browser","file"]},place:{type:"string",maxLength:200},
origin:{enum:["raw","video-frame","photo","photo-remade","average","opened","combined"]},timeS:{type:["number","null"]},
iso:{type:["number","null"]},compClicks:{type:["number","null"]},lens:{type:["string","null"],maxLength:64},focusDioptres:{
type:["number","null"]},white:{oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"number"},tint:{type:"number"}},
required:["kelvin","tint"],additionalProperties:!1}]},clippedShare:{oneOf:[{type:"null"},{type:"array",minItems:3,maxItems:3,
items:{type:"number",minimum:0,maximum:1}}]},width:{type:"integer",minimum:0},height:{type:"integer",minimum:0},average:{
oneOf:[{type:"null"},{type:"object",properties:{frames:{type:"integer",minimum:1},timesLess:{type:["number","null"]}},required:[
"frames","timesLess"],additionalProperties:!1}]},roll:{type:"string",maxLength:200},stem:{type:"string",minLength:1,maxLength:160},
series:{oneOf:[{type:"null"},{type:"object",properties:{id:{type:"string",maxLength:64},kind:{enum:["single","bracket","\
burst","focus","interval","long"]},step:{type:"integer",minimum:0},count:{type:"integer",minimum:1}},required:["id","kin\
d","step","count"],additionalProperties:!1}]},files:{type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{
kind:{enum:["dng","jpeg","tiff","png","webp","avif","heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{
type:"integer",minimum:1},chunks:{type:"integer",minimum:1,maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},
longestHandheldS:{type:["number","null"]},focusedAt:{oneOf:[{type:"null"},{type:"object",properties:{x:{type:"number",minimum:0,
maximum:1},y:{type:"number",minimum:0,maximum:1}},required:["x","y"],additionalProperties:!1}]},combined:{oneOf:[{type:"\
null"},{type:"object",properties:{sources:{type:"array",minItems:2,maxItems:5e3,items:{type:"string",maxLength:64}},way:{
enum:["merge","fuse","focus","average","median","brightest","stars","sum"]},moved:{type:"array",maxItems:5e3,items:{type:"\
object",properties:{x:{type:"number",minimum:0,maximum:1},y:{type:"number",minimum:0,maximum:1},frame:{type:"integer"}},
required:["x","y","frame"],additionalProperties:!1}},painted:{type:"array",maxItems:2e4,items:{type:"object",properties:{
x:{type:"number"},y:{type:"number"},radius:{type:"number",minimum:0,maximum:1},frame:{type:"integer"}},required:["x","y",
"radius","frame"],additionalProperties:!1}},finish:{oneOf:[{type:"null"},{type:"object",properties:{brightness:{type:"nu\
mber"},range:{type:"number"},detail:{type:"number"}},required:["brightness","range","detail"],additionalProperties:!1}]},
floating:{type:"boolean"}},required:["sources","way","moved","finish","floating"],additionalProperties:!1}]},words:{type:"\
object",properties:{source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200}},required:["source","summ\
ary"],additionalProperties:!1}},required:["version","id","capturedAt","camera","place","origin","timeS","iso","compClick\
s","lens","focusDioptres","white","clippedShare","width","height","average","roll","stem","series","files"],additionalProperties:!1},
Ne=new RegExp("^[a-z0-9-]{8,64}$","u");function R(t,{instancePath:s="",parentData:ye,parentDataProperty:he,rootData:ce=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let x;if(t.version===void 0&&(x="version")||t.id===
void 0&&(x="id")||t.capturedAt===void 0&&(x="capturedAt")||t.camera===void 0&&(x="camera")||t.place===void 0&&(x="place")||
t.origin===void 0&&(x="origin")||t.timeS===void 0&&(x="timeS")||t.iso===void 0&&(x="iso")||t.compClicks===void 0&&(x="co\
mpClicks")||t.lens===void 0&&(x="lens")||t.focusDioptres===void 0&&(x="focusDioptres")||t.white===void 0&&(x="white")||t.
clippedShare===void 0&&(x="clippedShare")||t.width===void 0&&(x="width")||t.height===void 0&&(x="height")||t.average===void 0&&
(x="average")||t.roll===void 0&&(x="roll")||t.stem===void 0&&(x="stem")||t.series===void 0&&(x="series")||t.files===void 0&&
(x="files"))return R.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:x}}],!1;
{const T=e;for(const o in t)if(!Pe.call(ue.properties,o)){return R.errors=[{instancePath:s,schemaPath:"#/additionalPrope\
rties",keyword:"additionalProperties",params:{additionalProperty:o}}],!1;break}if(T===e){if(t.version!==void 0){const o=e;
if(t.version!==2)return R.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:2}}],!1;var n=o===e}else var n=!0;if(n){if(t.id!==void 0){let o=t.id;const j=e;if(e===j)if(typeof o=="strin\
g"){if(!Ne.test(o))return R.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return R.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var n=j===e}else var n=!0;if(n){if(t.capturedAt!==void 0){let o=t.capturedAt;const j=e;
if(e===j)if(typeof o=="number"&&isFinite(o)){if(o<0||isNaN(o))return R.errors=[{instancePath:s+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return R.errors=[{instancePath:s+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var n=j===e}else var n=!0;
if(n){if(t.camera!==void 0){let o=t.camera;const j=e;if(!(o==="simulated"||o==="browser"||o==="file"))return R.errors=[{
instancePath:s+"/camera",schemaPath:"#/properties/camera/enum",keyword:"enum",params:{allowedValues:ue.properties.camera.
enum}}],!1;var n=j===e}else var n=!0;if(n){if(t.place!==void 0){let o=t.place;const j=e;if(e===j)if(typeof o=="string"){
if(te(o)>200)return R.errors=[{instancePath:s+"/place",schemaPath:"#/properties/place/maxLength",keyword:"maxLength",params:{
limit:200}}],!1}else return R.errors=[{instancePath:s+"/place",schemaPath:"#/properties/place/type",keyword:"type",params:{
type:"string"}}],!1;var n=j===e}else var n=!0;if(n){if(t.origin!==void 0){let o=t.origin;const j=e;if(!(o==="raw"||o==="\
video-frame"||o==="photo"||o==="photo-remade"||o==="average"||o==="opened"||o==="combined"))return R.errors=[{instancePath:s+
"/origin",schemaPath:"#/properties/origin/enum",keyword:"enum",params:{allowedValues:ue.properties.origin.enum}}],!1;var n=j===
e}else var n=!0;if(n){if(t.timeS!==void 0){let o=t.timeS;const j=e;if(!(typeof o=="number"&&isFinite(o))&&o!==null)return R.
errors=[{instancePath:s+"/timeS",schemaPath:"#/properties/timeS/type",keyword:"type",params:{type:ue.properties.timeS.type}}],
!1;var n=j===e}else var n=!0;if(n){if(t.iso!==void 0){let o=t.iso;const j=e;if(!(typeof o=="number"&&isFinite(o))&&o!==null)
return R.errors=[{instancePath:s+"/iso",schemaPath:"#/properties/iso/type",keyword:"type",params:{type:ue.properties.iso.
type}}],!1;var n=j===e}else var n=!0;if(n){if(t.compClicks!==void 0){let o=t.compClicks;const j=e;if(!(typeof o=="number"&&
isFinite(o))&&o!==null)return R.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"\
type",params:{type:ue.properties.compClicks.type}}],!1;var n=j===e}else var n=!0;if(n){if(t.lens!==void 0){let o=t.lens;
const j=e;if(typeof o!="string"&&o!==null)return R.errors=[{instancePath:s+"/lens",schemaPath:"#/properties/lens/type",keyword:"\
type",params:{type:ue.properties.lens.type}}],!1;if(e===j&&typeof o=="string"&&te(o)>64)return R.errors=[{instancePath:s+
"/lens",schemaPath:"#/properties/lens/maxLength",keyword:"maxLength",params:{limit:64}}],!1;var n=j===e}else var n=!0;if(n){
if(t.focusDioptres!==void 0){let o=t.focusDioptres;const j=e;if(!(typeof o=="number"&&isFinite(o))&&o!==null)return R.errors=
[{instancePath:s+"/focusDioptres",schemaPath:"#/properties/focusDioptres/type",keyword:"type",params:{type:ue.properties.
focusDioptres.type}}],!1;var n=j===e}else var n=!0;if(n){if(t.white!==void 0){let o=t.white;const j=e,i=e;let h=!1,q=null;
const P=e;if(o!==null){const w={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{
type:"null"}};r===null?r=[w]:r.push(w),e++}var F=P===e;F&&(h=!0,q=0);const I=e;if(e===I)if(o&&typeof o=="object"&&!Array.
isArray(o)){let w;if(o.kelvin===void 0&&(w="kelvin")||o.tint===void 0&&(w="tint")){const se={instancePath:s+"/white",schemaPath:"\
#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:w}};r===null?r=[se]:r.push(se),e++}else{
const se=e;for(const a in o)if(!(a==="kelvin"||a==="tint")){const g={instancePath:s+"/white",schemaPath:"#/properties/wh\
ite/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:a}};r===null?r=[g]:r.push(g),
e++;break}if(se===e){if(o.kelvin!==void 0){let a=o.kelvin;const g=e;if(!(typeof a=="number"&&isFinite(a))){const m={instancePath:s+
"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===
null?r=[m]:r.push(m),e++}var _=g===e}else var _=!0;if(_)if(o.tint!==void 0){let a=o.tint;const g=e;if(!(typeof a=="numbe\
r"&&isFinite(a))){const u={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/type",keyword:"\
type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var _=g===e}else var _=!0}}}else{const w={instancePath:s+"/wh\
ite",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[w]:r.push(w),e++}var F=I===
e;if(F&&h?(h=!1,q=[q,1]):F&&(h=!0,q=1),h)e=i,r!==null&&(i?r.length=i:r=null);else{const w={instancePath:s+"/white",schemaPath:"\
#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:q}};return r===null?r=[w]:r.push(w),e++,R.errors=r,!1}var n=j===
e}else var n=!0;if(n){if(t.clippedShare!==void 0){let o=t.clippedShare;const j=e,i=e;let h=!1,q=null;const P=e;if(o!==null){
const w={instancePath:s+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/0/type",keyword:"type",params:{type:"\
null"}};r===null?r=[w]:r.push(w),e++}var Y=P===e;Y&&(h=!0,q=0);const I=e;if(e===I)if(Array.isArray(o))if(o.length>3){const w={
instancePath:s+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};
r===null?r=[w]:r.push(w),e++}else if(o.length<3){const w={instancePath:s+"/clippedShare",schemaPath:"#/properties/clippe\
dShare/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[w]:r.push(w),e++}else{var V=!0;const w=o.length;
for(let se=0;se<w;se++){let a=o[se];const g=e;if(e===g)if(typeof a=="number"&&isFinite(a)){if(a>1||isNaN(a)){const u={instancePath:s+
"/clippedShare/"+se,schemaPath:"#/properties/clippedShare/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<\
=",limit:1}};r===null?r=[u]:r.push(u),e++}else if(a<0||isNaN(a)){const u={instancePath:s+"/clippedShare/"+se,schemaPath:"\
#/properties/clippedShare/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[u]:r.push(
u),e++}}else{const u={instancePath:s+"/clippedShare/"+se,schemaPath:"#/properties/clippedShare/oneOf/1/items/type",keyword:"\
type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var V=g===e;if(!V)break}}else{const w={instancePath:s+"/clipp\
edShare",schemaPath:"#/properties/clippedShare/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[w]:r.push(
w),e++}var Y=I===e;if(Y&&h?(h=!1,q=[q,1]):Y&&(h=!0,q=1),h)e=i,r!==null&&(i?r.length=i:r=null);else{const w={instancePath:s+
"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf",keyword:"oneOf",params:{passingSchemas:q}};return r===null?
r=[w]:r.push(w),e++,R.errors=r,!1}var n=j===e}else var n=!0;if(n){if(t.width!==void 0){let o=t.width;const j=e;if(!(typeof o==
"number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return R.errors=[{instancePath:s+"/width",schemaPath:"#/properties/width/type",
keyword:"type",params:{type:"integer"}}],!1;if(e===j&&typeof o=="number"&&isFinite(o)&&(o<0||isNaN(o)))return R.errors=[
{instancePath:s+"/width",schemaPath:"#/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;
var n=j===e}else var n=!0;if(n){if(t.height!==void 0){let o=t.height;const j=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&
isFinite(o)))return R.errors=[{instancePath:s+"/height",schemaPath:"#/properties/height/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===j&&typeof o=="number"&&isFinite(o)&&(o<0||isNaN(o)))return R.errors=[{instancePath:s+"/height",schemaPath:"\
#/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;var n=j===e}else var n=!0;if(n){if(t.
average!==void 0){let o=t.average;const j=e,i=e;let h=!1,q=null;const P=e;if(o!==null){const w={instancePath:s+"/average",
schemaPath:"#/properties/average/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[w]:r.push(w),e++}var A=P===
e;A&&(h=!0,q=0);const I=e;if(e===I)if(o&&typeof o=="object"&&!Array.isArray(o)){let w;if(o.frames===void 0&&(w="frames")||
o.timesLess===void 0&&(w="timesLess")){const se={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/requ\
ired",keyword:"required",params:{missingProperty:w}};r===null?r=[se]:r.push(se),e++}else{const se=e;for(const a in o)if(!(a===
"frames"||a==="timesLess")){const g={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:a}};r===null?r=[g]:r.push(g),e++;break}if(se===e){if(o.frames!==
void 0){let a=o.frames;const g=e;if(!(typeof a=="number"&&!(a%1)&&!isNaN(a)&&isFinite(a))){const m={instancePath:s+"/ave\
rage/frames",schemaPath:"#/properties/average/oneOf/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[m]:r.push(m),e++}if(e===g&&typeof a=="number"&&isFinite(a)&&(a<1||isNaN(a))){const m={instancePath:s+"/average/f\
rames",schemaPath:"#/properties/average/oneOf/1/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};
r===null?r=[m]:r.push(m),e++}var C=g===e}else var C=!0;if(C)if(o.timesLess!==void 0){let a=o.timesLess;const g=e;if(!(typeof a==
"number"&&isFinite(a))&&a!==null){const u={instancePath:s+"/average/timesLess",schemaPath:"#/properties/average/oneOf/1/\
properties/timesLess/type",keyword:"type",params:{type:ue.properties.average.oneOf[1].properties.timesLess.type}};r===null?
r=[u]:r.push(u),e++}var C=g===e}else var C=!0}}}else{const w={instancePath:s+"/average",schemaPath:"#/properties/average\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[w]:r.push(w),e++}var A=I===e;if(A&&h?(h=!1,q=[q,1]):A&&
(h=!0,q=1),h)e=i,r!==null&&(i?r.length=i:r=null);else{const w={instancePath:s+"/average",schemaPath:"#/properties/averag\
e/oneOf",keyword:"oneOf",params:{passingSchemas:q}};return r===null?r=[w]:r.push(w),e++,R.errors=r,!1}var n=j===e}else var n=!0;
if(n){if(t.roll!==void 0){let o=t.roll;const j=e;if(e===j)if(typeof o=="string"){if(te(o)>200)return R.errors=[{instancePath:s+
"/roll",schemaPath:"#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return R.errors=[{instancePath:s+
"/roll",schemaPath:"#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var n=j===e}else var n=!0;if(n){if(t.
stem!==void 0){let o=t.stem;const j=e;if(e===j)if(typeof o=="string"){if(te(o)>160)return R.errors=[{instancePath:s+"/st\
em",schemaPath:"#/properties/stem/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(te(o)<1)return R.errors=[{instancePath:s+
"/stem",schemaPath:"#/properties/stem/minLength",keyword:"minLength",params:{limit:1}}],!1}else return R.errors=[{instancePath:s+
"/stem",schemaPath:"#/properties/stem/type",keyword:"type",params:{type:"string"}}],!1;var n=j===e}else var n=!0;if(n){if(t.
series!==void 0){let o=t.series;const j=e,i=e;let h=!1,q=null;const P=e;if(o!==null){const w={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[w]:r.push(w),e++}var O=P===e;O&&(h=!0,
q=0);const I=e;if(e===I)if(o&&typeof o=="object"&&!Array.isArray(o)){let w;if(o.id===void 0&&(w="id")||o.kind===void 0&&
(w="kind")||o.step===void 0&&(w="step")||o.count===void 0&&(w="count")){const se={instancePath:s+"/series",schemaPath:"#\
/properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:w}};r===null?r=[se]:r.push(se),e++}else{
const se=e;for(const a in o)if(!(a==="id"||a==="kind"||a==="step"||a==="count")){const g={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:a}};r===null?
r=[g]:r.push(g),e++;break}if(se===e){if(o.id!==void 0){let a=o.id;const g=e;if(e===g)if(typeof a=="string"){if(te(a)>64){
const m={instancePath:s+"/series/id",schemaPath:"#/properties/series/oneOf/1/properties/id/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[m]:r.push(m),e++}}else{const m={instancePath:s+"/series/id",schemaPath:"#/properties/seri\
es/oneOf/1/properties/id/type",keyword:"type",params:{type:"string"}};r===null?r=[m]:r.push(m),e++}var U=g===e}else var U=!0;
if(U){if(o.kind!==void 0){let a=o.kind;const g=e;if(!(a==="single"||a==="bracket"||a==="burst"||a==="focus"||a==="interv\
al"||a==="long")){const u={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/enum",keyword:"\
enum",params:{allowedValues:ue.properties.series.oneOf[1].properties.kind.enum}};r===null?r=[u]:r.push(u),e++}var U=g===
e}else var U=!0;if(U){if(o.step!==void 0){let a=o.step;const g=e;if(!(typeof a=="number"&&!(a%1)&&!isNaN(a)&&isFinite(a))){
const u={instancePath:s+"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/type",keyword:"type",params:{
type:"integer"}};r===null?r=[u]:r.push(u),e++}if(e===g&&typeof a=="number"&&isFinite(a)&&(a<0||isNaN(a))){const u={instancePath:s+
"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/minimum",keyword:"minimum",params:{comparison:">=",
limit:0}};r===null?r=[u]:r.push(u),e++}var U=g===e}else var U=!0;if(U)if(o.count!==void 0){let a=o.count;const g=e;if(!(typeof a==
"number"&&!(a%1)&&!isNaN(a)&&isFinite(a))){const u={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf\
/1/properties/count/type",keyword:"type",params:{type:"integer"}};r===null?r=[u]:r.push(u),e++}if(e===g&&typeof a=="numb\
er"&&isFinite(a)&&(a<1||isNaN(a))){const u={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf/1/prope\
rties/count/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[u]:r.push(u),e++}var U=g===e}else var U=!0}}}}}else{
const w={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===
null?r=[w]:r.push(w),e++}var O=I===e;if(O&&h?(h=!1,q=[q,1]):O&&(h=!0,q=1),h)e=i,r!==null&&(i?r.length=i:r=null);else{const w={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:q}};return r===null?
r=[w]:r.push(w),e++,R.errors=r,!1}var n=j===e}else var n=!0;if(n){if(t.files!==void 0){let o=t.files;const j=e;if(e===j)
if(Array.isArray(o)){if(o.length>8)return R.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"\
maxItems",params:{limit:8}}],!1;if(o.length<1)return R.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var K=!0;const h=o.length;for(let q=0;q<h;q++){let P=o[q];const I=e;if(e===
I)if(P&&typeof P=="object"&&!Array.isArray(P)){let w;if(P.kind===void 0&&(w="kind")||P.name===void 0&&(w="name")||P.bytes===
void 0&&(w="bytes")||P.chunks===void 0&&(w="chunks"))return R.errors=[{instancePath:s+"/files/"+q,schemaPath:"#/properti\
es/files/items/required",keyword:"required",params:{missingProperty:w}}],!1;{const se=e;for(const a in P)if(!(a==="kind"||
a==="name"||a==="bytes"||a==="chunks")){return R.errors=[{instancePath:s+"/files/"+q,schemaPath:"#/properties/files/item\
s/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:a}}],!1;break}if(se===e){if(P.kind!==void 0){
let a=P.kind;const g=e;if(!(a==="dng"||a==="jpeg"||a==="tiff"||a==="png"||a==="webp"||a==="avif"||a==="heic"||a==="raw"))
return R.errors=[{instancePath:s+"/files/"+q+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:ue.properties.files.items.properties.kind.enum}}],!1;var c=g===e}else var c=!0;if(c){if(P.name!==
void 0){let a=P.name;const g=e;if(e===g)if(typeof a=="string"){if(te(a)>160)return R.errors=[{instancePath:s+"/files/"+q+
"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(te(
a)<1)return R.errors=[{instancePath:s+"/files/"+q+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",
keyword:"minLength",params:{limit:1}}],!1}else return R.errors=[{instancePath:s+"/files/"+q+"/name",schemaPath:"#/proper\
ties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var c=g===e}else var c=!0;if(c){if(P.bytes!==
void 0){let a=P.bytes;const g=e;if(!(typeof a=="number"&&!(a%1)&&!isNaN(a)&&isFinite(a)))return R.errors=[{instancePath:s+
"/files/"+q+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===g&&typeof a=="number"&&isFinite(a)&&(a<1||isNaN(a)))return R.errors=[{instancePath:s+"/files/"+q+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var c=g===e}else
var c=!0;if(c)if(P.chunks!==void 0){let a=P.chunks;const g=e;if(!(typeof a=="number"&&!(a%1)&&!isNaN(a)&&isFinite(a)))return R.
errors=[{instancePath:s+"/files/"+q+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===g&&typeof a=="number"&&isFinite(a)){if(a>4096||isNaN(a))return R.errors=[{instancePath:s+
"/files/"+q+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(a<1||isNaN(a))return R.errors=[{instancePath:s+"/files/"+q+"/chunks",schemaPath:"#/properties/fi\
les/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var c=g===e}else var c=!0}}}}}else
return R.errors=[{instancePath:s+"/files/"+q,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"obj\
ect"}}],!1;var K=I===e;if(!K)break}}}else return R.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/type",
keyword:"type",params:{type:"array"}}],!1;var n=j===e}else var n=!0;if(n){if(t.longestHandheldS!==void 0){let o=t.longestHandheldS;
const j=e;if(!(typeof o=="number"&&isFinite(o))&&o!==null)return R.errors=[{instancePath:s+"/longestHandheldS",schemaPath:"\
#/properties/longestHandheldS/type",keyword:"type",params:{type:ue.properties.longestHandheldS.type}}],!1;var n=j===e}else
var n=!0;if(n){if(t.focusedAt!==void 0){let o=t.focusedAt;const j=e,i=e;let h=!1,q=null;const P=e;if(o!==null){const w={
instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?
r=[w]:r.push(w),e++}var f=P===e;f&&(h=!0,q=0);const I=e;if(e===I)if(o&&typeof o=="object"&&!Array.isArray(o)){let w;if(o.
x===void 0&&(w="x")||o.y===void 0&&(w="y")){const se={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/one\
Of/1/required",keyword:"required",params:{missingProperty:w}};r===null?r=[se]:r.push(se),e++}else{const se=e;for(const a in o)
if(!(a==="x"||a==="y")){const g={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:a}};r===null?r=[g]:r.push(g),e++;break}if(se===e){if(o.x!==
void 0){let a=o.x;const g=e;if(e===g)if(typeof a=="number"&&isFinite(a)){if(a>1||isNaN(a)){const m={instancePath:s+"/foc\
usedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};
r===null?r=[m]:r.push(m),e++}else if(a<0||isNaN(a)){const m={instancePath:s+"/focusedAt/x",schemaPath:"#/properties/focu\
sedAt/oneOf/1/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[m]:r.push(m),e++}}else{
const m={instancePath:s+"/focusedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/type",keyword:"type",params:{
type:"number"}};r===null?r=[m]:r.push(m),e++}var M=g===e}else var M=!0;if(M)if(o.y!==void 0){let a=o.y;const g=e;if(e===
g)if(typeof a=="number"&&isFinite(a)){if(a>1||isNaN(a)){const u={instancePath:s+"/focusedAt/y",schemaPath:"#/properties/\
focusedAt/oneOf/1/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[u]:r.push(u),e++}else if(a<
0||isNaN(a)){const u={instancePath:s+"/focusedAt/y",schemaPath:"#/properties/focusedAt/oneOf/1/properties/y/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[u]:r.push(u),e++}}else{const u={instancePath:s+"/focusedAt/y",schemaPath:"\
#/properties/focusedAt/oneOf/1/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var M=g===
e}else var M=!0}}}else{const w={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/type",keyword:"ty\
pe",params:{type:"object"}};r===null?r=[w]:r.push(w),e++}var f=I===e;if(f&&h?(h=!1,q=[q,1]):f&&(h=!0,q=1),h)e=i,r!==null&&
(i?r.length=i:r=null);else{const w={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf",keyword:"oneOf",
params:{passingSchemas:q}};return r===null?r=[w]:r.push(w),e++,R.errors=r,!1}var n=j===e}else var n=!0;if(n){if(t.combined!==
void 0){let o=t.combined;const j=e,i=e;let h=!1,q=null;const P=e;if(o!==null){const w={instancePath:s+"/combined",schemaPath:"\
#/properties/combined/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[w]:r.push(w),e++}var L=P===e;L&&(h=
!0,q=0);const I=e;if(e===I)if(o&&typeof o=="object"&&!Array.isArray(o)){let w;if(o.sources===void 0&&(w="sources")||o.way===
void 0&&(w="way")||o.moved===void 0&&(w="moved")||o.finish===void 0&&(w="finish")||o.floating===void 0&&(w="floating")){
const se={instancePath:s+"/combined",schemaPath:"#/properties/combined/oneOf/1/required",keyword:"required",params:{missingProperty:w}};
r===null?r=[se]:r.push(se),e++}else{const se=e;for(const a in o)if(!(a==="sources"||a==="way"||a==="moved"||a==="painted"||
a==="finish"||a==="floating")){const g={instancePath:s+"/combined",schemaPath:"#/properties/combined/oneOf/1/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:a}};r===null?r=[g]:r.push(g),e++;break}if(se===e){if(o.
sources!==void 0){let a=o.sources;const g=e;if(e===g)if(Array.isArray(a))if(a.length>5e3){const m={instancePath:s+"/comb\
ined/sources",schemaPath:"#/properties/combined/oneOf/1/properties/sources/maxItems",keyword:"maxItems",params:{limit:5e3}};
r===null?r=[m]:r.push(m),e++}else if(a.length<2){const m={instancePath:s+"/combined/sources",schemaPath:"#/properties/co\
mbined/oneOf/1/properties/sources/minItems",keyword:"minItems",params:{limit:2}};r===null?r=[m]:r.push(m),e++}else{var d=!0;
const m=a.length;for(let u=0;u<m;u++){let $=a[u];const v=e;if(e===v)if(typeof $=="string"){if(te($)>64){const J={instancePath:s+
"/combined/sources/"+u,schemaPath:"#/properties/combined/oneOf/1/properties/sources/items/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[J]:r.push(J),e++}}else{const J={instancePath:s+"/combined/sources/"+u,schemaPath:"#/prope\
rties/combined/oneOf/1/properties/sources/items/type",keyword:"type",params:{type:"string"}};r===null?r=[J]:r.push(J),e++}
var d=v===e;if(!d)break}}else{const m={instancePath:s+"/combined/sources",schemaPath:"#/properties/combined/oneOf/1/prop\
erties/sources/type",keyword:"type",params:{type:"array"}};r===null?r=[m]:r.push(m),e++}var z=g===e}else var z=!0;if(z){
if(o.way!==void 0){let a=o.way;const g=e;if(!(a==="merge"||a==="fuse"||a==="focus"||a==="average"||a==="median"||a==="br\
ightest"||a==="stars"||a==="sum")){const u={instancePath:s+"/combined/way",schemaPath:"#/properties/combined/oneOf/1/pro\
perties/way/enum",keyword:"enum",params:{allowedValues:ue.properties.combined.oneOf[1].properties.way.enum}};r===null?r=
[u]:r.push(u),e++}var z=g===e}else var z=!0;if(z){if(o.moved!==void 0){let a=o.moved;const g=e;if(e===g)if(Array.isArray(
a))if(a.length>5e3){const u={instancePath:s+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved\
/maxItems",keyword:"maxItems",params:{limit:5e3}};r===null?r=[u]:r.push(u),e++}else{var p=!0;const u=a.length;for(let $=0;$<
u;$++){let v=a[$];const Q=e;if(e===Q)if(v&&typeof v=="object"&&!Array.isArray(v)){let N;if(v.x===void 0&&(N="x")||v.y===
void 0&&(N="y")||v.frame===void 0&&(N="frame")){const H={instancePath:s+"/combined/moved/"+$,schemaPath:"#/properties/co\
mbined/oneOf/1/properties/moved/items/required",keyword:"required",params:{missingProperty:N}};r===null?r=[H]:r.push(H),
e++}else{const H=e;for(const b in v)if(!(b==="x"||b==="y"||b==="frame")){const D={instancePath:s+"/combined/moved/"+$,schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:b}};
r===null?r=[D]:r.push(D),e++;break}if(H===e){if(v.x!==void 0){let b=v.x;const D=e;if(e===D)if(typeof b=="number"&&isFinite(
b)){if(b>1||isNaN(b)){const re={instancePath:s+"/combined/moved/"+$+"/x",schemaPath:"#/properties/combined/oneOf/1/prope\
rties/moved/items/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[re]:r.push(re),e++}else if(b<
0||isNaN(b)){const re={instancePath:s+"/combined/moved/"+$+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/mov\
ed/items/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[re]:r.push(re),e++}}else{
const re={instancePath:s+"/combined/moved/"+$+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/prop\
erties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[re]:r.push(re),e++}var S=D===e}else var S=!0;if(S){if(v.
y!==void 0){let b=v.y;const D=e;if(e===D)if(typeof b=="number"&&isFinite(b)){if(b>1||isNaN(b)){const X={instancePath:s+"\
/combined/moved/"+$+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/maximum",keyword:"\
maximum",params:{comparison:"<=",limit:1}};r===null?r=[X]:r.push(X),e++}else if(b<0||isNaN(b)){const X={instancePath:s+"\
/combined/moved/"+$+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[X]:r.push(X),e++}}else{const X={instancePath:s+"/combined/moved/"+
$+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/type",keyword:"type",params:{type:"\
number"}};r===null?r=[X]:r.push(X),e++}var S=D===e}else var S=!0;if(S)if(v.frame!==void 0){let b=v.frame;const D=e;if(!(typeof b==
"number"&&!(b%1)&&!isNaN(b)&&isFinite(b))){const X={instancePath:s+"/combined/moved/"+$+"/frame",schemaPath:"#/propertie\
s/combined/oneOf/1/properties/moved/items/properties/frame/type",keyword:"type",params:{type:"integer"}};r===null?r=[X]:
r.push(X),e++}var S=D===e}else var S=!0}}}}else{const N={instancePath:s+"/combined/moved/"+$,schemaPath:"#/properties/co\
mbined/oneOf/1/properties/moved/items/type",keyword:"type",params:{type:"object"}};r===null?r=[N]:r.push(N),e++}var p=Q===
e;if(!p)break}}else{const u={instancePath:s+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved\
/type",keyword:"type",params:{type:"array"}};r===null?r=[u]:r.push(u),e++}var z=g===e}else var z=!0;if(z){if(o.painted!==
void 0){let a=o.painted;const g=e;if(e===g)if(Array.isArray(a))if(a.length>2e4){const u={instancePath:s+"/combined/paint\
ed",schemaPath:"#/properties/combined/oneOf/1/properties/painted/maxItems",keyword:"maxItems",params:{limit:2e4}};r===null?
r=[u]:r.push(u),e++}else{var l=!0;const u=a.length;for(let $=0;$<u;$++){let v=a[$];const Q=e;if(e===Q)if(v&&typeof v=="o\
bject"&&!Array.isArray(v)){let N;if(v.x===void 0&&(N="x")||v.y===void 0&&(N="y")||v.radius===void 0&&(N="radius")||v.frame===
void 0&&(N="frame")){const H={instancePath:s+"/combined/painted/"+$,schemaPath:"#/properties/combined/oneOf/1/properties\
/painted/items/required",keyword:"required",params:{missingProperty:N}};r===null?r=[H]:r.push(H),e++}else{const H=e;for(const b in v)
if(!(b==="x"||b==="y"||b==="radius"||b==="frame")){const D={instancePath:s+"/combined/painted/"+$,schemaPath:"#/properti\
es/combined/oneOf/1/properties/painted/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:b}};
r===null?r=[D]:r.push(D),e++;break}if(H===e){if(v.x!==void 0){let b=v.x;const D=e;if(!(typeof b=="number"&&isFinite(b))){
const re={instancePath:s+"/combined/painted/"+$+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/\
properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[re]:r.push(re),e++}var k=D===e}else var k=!0;if(k){
if(v.y!==void 0){let b=v.y;const D=e;if(!(typeof b=="number"&&isFinite(b))){const X={instancePath:s+"/combined/painted/"+
$+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/y/type",keyword:"type",params:{type:"\
number"}};r===null?r=[X]:r.push(X),e++}var k=D===e}else var k=!0;if(k){if(v.radius!==void 0){let b=v.radius;const D=e;if(e===
D)if(typeof b=="number"&&isFinite(b)){if(b>1||isNaN(b)){const X={instancePath:s+"/combined/painted/"+$+"/radius",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/items/properties/radius/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}};r===null?r=[X]:r.push(X),e++}else if(b<0||isNaN(b)){const X={instancePath:s+"/combined/painted/"+$+"/radiu\
s",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/radius/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}};r===null?r=[X]:r.push(X),e++}}else{const X={instancePath:s+"/combined/painted/"+$+"/radius",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/items/properties/radius/type",keyword:"type",params:{type:"number"}};r===
null?r=[X]:r.push(X),e++}var k=D===e}else var k=!0;if(k)if(v.frame!==void 0){let b=v.frame;const D=e;if(!(typeof b=="num\
ber"&&!(b%1)&&!isNaN(b)&&isFinite(b))){const X={instancePath:s+"/combined/painted/"+$+"/frame",schemaPath:"#/properties/\
combined/oneOf/1/properties/painted/items/properties/frame/type",keyword:"type",params:{type:"integer"}};r===null?r=[X]:
r.push(X),e++}var k=D===e}else var k=!0}}}}}else{const N={instancePath:s+"/combined/painted/"+$,schemaPath:"#/properties\
/combined/oneOf/1/properties/painted/items/type",keyword:"type",params:{type:"object"}};r===null?r=[N]:r.push(N),e++}var l=Q===
e;if(!l)break}}else{const u={instancePath:s+"/combined/painted",schemaPath:"#/properties/combined/oneOf/1/properties/pai\
nted/type",keyword:"type",params:{type:"array"}};r===null?r=[u]:r.push(u),e++}var z=g===e}else var z=!0;if(z){if(o.finish!==
void 0){let a=o.finish;const g=e,m=e;let u=!1,$=null;const v=e;if(a!==null){const N={instancePath:s+"/combined/finish",schemaPath:"\
#/properties/combined/oneOf/1/properties/finish/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[N]:r.push(
N),e++}var y=v===e;y&&(u=!0,$=0);const Q=e;if(e===Q)if(a&&typeof a=="object"&&!Array.isArray(a)){let N;if(a.brightness===
void 0&&(N="brightness")||a.range===void 0&&(N="range")||a.detail===void 0&&(N="detail")){const H={instancePath:s+"/comb\
ined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/required",keyword:"required",params:{missingProperty:N}};
r===null?r=[H]:r.push(H),e++}else{const H=e;for(const b in a)if(!(b==="brightness"||b==="range"||b==="detail")){const D={
instancePath:s+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:b}};r===null?r=[D]:r.push(D),e++;break}if(H===e){if(a.brightness!==
void 0){let b=a.brightness;const D=e;if(!(typeof b=="number"&&isFinite(b))){const re={instancePath:s+"/combined/finish/b\
rightness",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/properties/brightness/type",keyword:"type",
params:{type:"number"}};r===null?r=[re]:r.push(re),e++}var E=D===e}else var E=!0;if(E){if(a.range!==void 0){let b=a.range;
const D=e;if(!(typeof b=="number"&&isFinite(b))){const X={instancePath:s+"/combined/finish/range",schemaPath:"#/properti\
es/combined/oneOf/1/properties/finish/oneOf/1/properties/range/type",keyword:"type",params:{type:"number"}};r===null?r=[
X]:r.push(X),e++}var E=D===e}else var E=!0;if(E)if(a.detail!==void 0){let b=a.detail;const D=e;if(!(typeof b=="number"&&
isFinite(b))){const X={instancePath:s+"/combined/finish/detail",schemaPath:"#/properties/combined/oneOf/1/properties/fin\
ish/oneOf/1/properties/detail/type",keyword:"type",params:{type:"number"}};r===null?r=[X]:r.push(X),e++}var E=D===e}else
var E=!0}}}}else{const N={instancePath:s+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/\
oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[N]:r.push(N),e++}var y=Q===e;if(y&&u?(u=!1,$=[$,1]):y&&
(u=!0,$=1),u)e=m,r!==null&&(m?r.length=m:r=null);else{const N={instancePath:s+"/combined/finish",schemaPath:"#/propertie\
s/combined/oneOf/1/properties/finish/oneOf",keyword:"oneOf",params:{passingSchemas:$}};r===null?r=[N]:r.push(N),e++}var z=g===
e}else var z=!0;if(z)if(o.floating!==void 0){const a=e;if(typeof o.floating!="boolean"){const m={instancePath:s+"/combin\
ed/floating",schemaPath:"#/properties/combined/oneOf/1/properties/floating/type",keyword:"type",params:{type:"boolean"}};
r===null?r=[m]:r.push(m),e++}var z=a===e}else var z=!0}}}}}}}else{const w={instancePath:s+"/combined",schemaPath:"#/prop\
erties/combined/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[w]:r.push(w),e++}var L=I===e;if(L&&h?(h=
!1,q=[q,1]):L&&(h=!0,q=1),h)e=i,r!==null&&(i?r.length=i:r=null);else{const w={instancePath:s+"/combined",schemaPath:"#/p\
roperties/combined/oneOf",keyword:"oneOf",params:{passingSchemas:q}};return r===null?r=[w]:r.push(w),e++,R.errors=r,!1}var n=j===
e}else var n=!0;if(n)if(t.words!==void 0){let o=t.words;const j=e;if(e===j)if(o&&typeof o=="object"&&!Array.isArray(o)){
let h;if(o.source===void 0&&(h="source")||o.summary===void 0&&(h="summary"))return R.errors=[{instancePath:s+"/words",schemaPath:"\
#/properties/words/required",keyword:"required",params:{missingProperty:h}}],!1;{const q=e;for(const P in o)if(!(P==="so\
urce"||P==="summary")){return R.errors=[{instancePath:s+"/words",schemaPath:"#/properties/words/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:P}}],!1;break}if(q===e){if(o.source!==void 0){let P=o.source;const I=e;
if(e===I)if(typeof P=="string"){if(te(P)>200)return R.errors=[{instancePath:s+"/words/source",schemaPath:"#/properties/w\
ords/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return R.errors=[{instancePath:s+"/wo\
rds/source",schemaPath:"#/properties/words/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var ee=I===
e}else var ee=!0;if(ee)if(o.summary!==void 0){let P=o.summary;const I=e;if(e===I)if(typeof P=="string"){if(te(P)>200)return R.
errors=[{instancePath:s+"/words/summary",schemaPath:"#/properties/words/properties/summary/maxLength",keyword:"maxLength",
params:{limit:200}}],!1}else return R.errors=[{instancePath:s+"/words/summary",schemaPath:"#/properties/words/properties\
/summary/type",keyword:"type",params:{type:"string"}}],!1;var ee=I===e}else var ee=!0}}}else return R.errors=[{instancePath:s+
"/words",schemaPath:"#/properties/words/type",keyword:"type",params:{type:"object"}}],!1;var n=j===e}else var n=!0}}}}}}}}}}}}}}}}}}}}}}}}}else
return R.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return R.errors=r,e===0}
const He=oe,Se={$id:"velmo/frame/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"^[a-z0-9-]{8,\
64}$"},capturedAt:{type:"number",minimum:0},source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200},files:{
type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{kind:{enum:["dng","jpeg","tiff","png","webp","avif",
"heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{type:"integer",minimum:1},chunks:{type:"integer",minimum:1,
maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},thumbnail:{type:"string",pattern:"^da\
ta:image/jpeg;base64,"}},required:["version","id","capturedAt","source","summary","files","thumbnail"],additionalProperties:!1},
qe=new RegExp("^data:image/jpeg;base64,","u");function oe(t,{instancePath:s="",parentData:ye,parentDataProperty:he,rootData:ce=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let V;if(t.version===void 0&&(V="version")||t.id===
void 0&&(V="id")||t.capturedAt===void 0&&(V="capturedAt")||t.source===void 0&&(V="source")||t.summary===void 0&&(V="summ\
ary")||t.files===void 0&&(V="files")||t.thumbnail===void 0&&(V="thumbnail"))return oe.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:V}}],!1;{const Y=e;for(const C in t)if(!(C==="version"||C==="id"||
C==="capturedAt"||C==="source"||C==="summary"||C==="files"||C==="thumbnail")){return oe.errors=[{instancePath:s,schemaPath:"\
#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:C}}],!1;break}if(Y===e){if(t.version!==
void 0){const C=e;if(t.version!==1)return oe.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",
keyword:"const",params:{allowedValue:1}}],!1;var n=C===e}else var n=!0;if(n){if(t.id!==void 0){let C=t.id;const A=e;if(e===
A)if(typeof C=="string"){if(!Ne.test(C))return oe.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/pattern",keyword:"\
pattern",params:{pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return oe.errors=[{instancePath:s+"/id",schemaPath:"#/properties\
/id/type",keyword:"type",params:{type:"string"}}],!1;var n=A===e}else var n=!0;if(n){if(t.capturedAt!==void 0){let C=t.capturedAt;
const A=e;if(e===A)if(typeof C=="number"&&isFinite(C)){if(C<0||isNaN(C))return oe.errors=[{instancePath:s+"/capturedAt",
schemaPath:"#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return oe.errors=
[{instancePath:s+"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var n=A===
e}else var n=!0;if(n){if(t.source!==void 0){let C=t.source;const A=e;if(e===A)if(typeof C=="string"){if(te(C)>200)return oe.
errors=[{instancePath:s+"/source",schemaPath:"#/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else
return oe.errors=[{instancePath:s+"/source",schemaPath:"#/properties/source/type",keyword:"type",params:{type:"string"}}],
!1;var n=A===e}else var n=!0;if(n){if(t.summary!==void 0){let C=t.summary;const A=e;if(e===A)if(typeof C=="string"){if(te(
C)>200)return oe.errors=[{instancePath:s+"/summary",schemaPath:"#/properties/summary/maxLength",keyword:"maxLength",params:{
limit:200}}],!1}else return oe.errors=[{instancePath:s+"/summary",schemaPath:"#/properties/summary/type",keyword:"type",
params:{type:"string"}}],!1;var n=A===e}else var n=!0;if(n){if(t.files!==void 0){let C=t.files;const A=e;if(e===A)if(Array.
isArray(C)){if(C.length>8)return oe.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"m\
axItems",params:{limit:8}}],!1;if(C.length<1)return oe.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var _=!0;const O=C.length;for(let K=0;K<O;K++){let c=C[K];const M=e;if(e===
M)if(c&&typeof c=="object"&&!Array.isArray(c)){let d;if(c.kind===void 0&&(d="kind")||c.name===void 0&&(d="name")||c.bytes===
void 0&&(d="bytes")||c.chunks===void 0&&(d="chunks"))return oe.errors=[{instancePath:s+"/files/"+K,schemaPath:"#/propert\
ies/files/items/required",keyword:"required",params:{missingProperty:d}}],!1;{const z=e;for(const p in c)if(!(p==="kind"||
p==="name"||p==="bytes"||p==="chunks")){return oe.errors=[{instancePath:s+"/files/"+K,schemaPath:"#/properties/files/ite\
ms/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(z===e){if(c.kind!==void 0){
let p=c.kind;const S=e;if(!(p==="dng"||p==="jpeg"||p==="tiff"||p==="png"||p==="webp"||p==="avif"||p==="heic"||p==="raw"))
return oe.errors=[{instancePath:s+"/files/"+K+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:Se.properties.files.items.properties.kind.enum}}],!1;var F=S===e}else var F=!0;if(F){if(c.name!==
void 0){let p=c.name;const S=e;if(e===S)if(typeof p=="string"){if(te(p)>160)return oe.errors=[{instancePath:s+"/files/"+
K+"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(te(
p)<1)return oe.errors=[{instancePath:s+"/files/"+K+"/name",schemaPath:"#/properties/files/items/properties/name/minLengt\
h",keyword:"minLength",params:{limit:1}}],!1}else return oe.errors=[{instancePath:s+"/files/"+K+"/name",schemaPath:"#/pr\
operties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var F=S===e}else var F=!0;if(F){if(c.
bytes!==void 0){let p=c.bytes;const S=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p)))return oe.errors=[{instancePath:s+
"/files/"+K+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===S&&typeof p=="number"&&isFinite(p)&&(p<1||isNaN(p)))return oe.errors=[{instancePath:s+"/files/"+K+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var F=S===e}else
var F=!0;if(F)if(c.chunks!==void 0){let p=c.chunks;const S=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p)))return oe.
errors=[{instancePath:s+"/files/"+K+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===S&&typeof p=="number"&&isFinite(p)){if(p>4096||isNaN(p))return oe.errors=[{instancePath:s+
"/files/"+K+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(p<1||isNaN(p))return oe.errors=[{instancePath:s+"/files/"+K+"/chunks",schemaPath:"#/properties/f\
iles/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var F=S===e}else var F=!0}}}}}else
return oe.errors=[{instancePath:s+"/files/"+K,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"ob\
ject"}}],!1;var _=M===e;if(!_)break}}}else return oe.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/typ\
e",keyword:"type",params:{type:"array"}}],!1;var n=A===e}else var n=!0;if(n)if(t.thumbnail!==void 0){let C=t.thumbnail;const A=e;
if(e===A)if(typeof C=="string"){if(!qe.test(C))return oe.errors=[{instancePath:s+"/thumbnail",schemaPath:"#/properties/t\
humbnail/pattern",keyword:"pattern",params:{pattern:"^data:image/jpeg;base64,"}}],!1}else return oe.errors=[{instancePath:s+
"/thumbnail",schemaPath:"#/properties/thumbnail/type",keyword:"type",params:{type:"string"}}],!1;var n=A===e}else var n=!0}}}}}}}}else
return oe.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return oe.errors=r,e===
0}const Ie=fe,je={$id:"velmo/camera-light/1",type:"object",properties:{version:{const:1},response:{oneOf:[{type:"null"},
{type:"array",minItems:3,maxItems:3,items:{type:"array",minItems:256,maxItems:256,items:{type:"number",minimum:0,maximum:1}}}]},
measuredAt:{type:["number","null"]},greyStops:{type:"number",minimum:-4,maximum:4},evOffset:{type:["number","null"],minimum:-30,
maximum:30}},required:["version","response","measuredAt","greyStops","evOffset"],additionalProperties:!1};function fe(t,{
instancePath:s="",parentData:ye,parentDataProperty:he,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let Y;if(t.version===void 0&&(Y="version")||t.response===void 0&&(Y="response")||t.measuredAt===void 0&&
(Y="measuredAt")||t.greyStops===void 0&&(Y="greyStops")||t.evOffset===void 0&&(Y="evOffset"))return fe.errors=[{instancePath:s,
schemaPath:"#/required",keyword:"required",params:{missingProperty:Y}}],!1;{const C=e;for(const A in t)if(!(A==="version"||
A==="response"||A==="measuredAt"||A==="greyStops"||A==="evOffset")){return fe.errors=[{instancePath:s,schemaPath:"#/addi\
tionalProperties",keyword:"additionalProperties",params:{additionalProperty:A}}],!1;break}if(C===e){if(t.version!==void 0){
const A=e;if(t.version!==1)return fe.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"\
const",params:{allowedValue:1}}],!1;var n=A===e}else var n=!0;if(n){if(t.response!==void 0){let A=t.response;const U=e,O=e;
let K=!1,c=null;const M=e;if(A!==null){const z={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/0/typ\
e",keyword:"type",params:{type:"null"}};r===null?r=[z]:r.push(z),e++}var V=M===e;V&&(K=!0,c=0);const f=e;if(e===f)if(Array.
isArray(A))if(A.length>3){const z={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/1/maxItems",keyword:"\
maxItems",params:{limit:3}};r===null?r=[z]:r.push(z),e++}else if(A.length<3){const z={instancePath:s+"/response",schemaPath:"\
#/properties/response/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[z]:r.push(z),e++}else{var _=!0;
const z=A.length;for(let p=0;p<z;p++){let S=A[p];const l=e;if(e===l)if(Array.isArray(S))if(S.length>256){const E={instancePath:s+
"/response/"+p,schemaPath:"#/properties/response/oneOf/1/items/maxItems",keyword:"maxItems",params:{limit:256}};r===null?
r=[E]:r.push(E),e++}else if(S.length<256){const E={instancePath:s+"/response/"+p,schemaPath:"#/properties/response/oneOf\
/1/items/minItems",keyword:"minItems",params:{limit:256}};r===null?r=[E]:r.push(E),e++}else{var F=!0;const E=S.length;for(let y=0;y<
E;y++){let L=S[y];const ee=e;if(e===ee)if(typeof L=="number"&&isFinite(L)){if(L>1||isNaN(L)){const T={instancePath:s+"/r\
esponse/"+p+"/"+y,schemaPath:"#/properties/response/oneOf/1/items/items/maximum",keyword:"maximum",params:{comparison:"<\
=",limit:1}};r===null?r=[T]:r.push(T),e++}else if(L<0||isNaN(L)){const T={instancePath:s+"/response/"+p+"/"+y,schemaPath:"\
#/properties/response/oneOf/1/items/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[T]:r.
push(T),e++}}else{const T={instancePath:s+"/response/"+p+"/"+y,schemaPath:"#/properties/response/oneOf/1/items/items/typ\
e",keyword:"type",params:{type:"number"}};r===null?r=[T]:r.push(T),e++}var F=ee===e;if(!F)break}}else{const E={instancePath:s+
"/response/"+p,schemaPath:"#/properties/response/oneOf/1/items/type",keyword:"type",params:{type:"array"}};r===null?r=[E]:
r.push(E),e++}var _=l===e;if(!_)break}}else{const z={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/\
1/type",keyword:"type",params:{type:"array"}};r===null?r=[z]:r.push(z),e++}var V=f===e;if(V&&K?(K=!1,c=[c,1]):V&&(K=!0,c=
1),K)e=O,r!==null&&(O?r.length=O:r=null);else{const z={instancePath:s+"/response",schemaPath:"#/properties/response/oneO\
f",keyword:"oneOf",params:{passingSchemas:c}};return r===null?r=[z]:r.push(z),e++,fe.errors=r,!1}var n=U===e}else var n=!0;
if(n){if(t.measuredAt!==void 0){let A=t.measuredAt;const U=e;if(!(typeof A=="number"&&isFinite(A))&&A!==null)return fe.errors=
[{instancePath:s+"/measuredAt",schemaPath:"#/properties/measuredAt/type",keyword:"type",params:{type:je.properties.measuredAt.
type}}],!1;var n=U===e}else var n=!0;if(n){if(t.greyStops!==void 0){let A=t.greyStops;const U=e;if(e===U)if(typeof A=="n\
umber"&&isFinite(A)){if(A>4||isNaN(A))return fe.errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/\
maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(A<-4||isNaN(A))return fe.errors=[{instancePath:s+"/g\
reyStops",schemaPath:"#/properties/greyStops/minimum",keyword:"minimum",params:{comparison:">=",limit:-4}}],!1}else return fe.
errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/type",keyword:"type",params:{type:"number"}}],!1;
var n=U===e}else var n=!0;if(n)if(t.evOffset!==void 0){let A=t.evOffset;const U=e;if(!(typeof A=="number"&&isFinite(A))&&
A!==null)return fe.errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/type",keyword:"type",params:{type:je.
properties.evOffset.type}}],!1;if(e===U&&typeof A=="number"&&isFinite(A)){if(A>30||isNaN(A))return fe.errors=[{instancePath:s+
"/evOffset",schemaPath:"#/properties/evOffset/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}}],!1;if(A<-30||
isNaN(A))return fe.errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/minimum",keyword:"minimum",params:{
comparison:">=",limit:-30}}],!1}var n=U===e}else var n=!0}}}}}}else return fe.errors=[{instancePath:s,schemaPath:"#/type",
keyword:"type",params:{type:"object"}}],!1;return fe.errors=r,e===0}const Ee=be,Ue={$id:"velmo/camera-choice/1",oneOf:[{
type:"object",properties:{device:{const:"simulated"},scene:{type:"string",maxLength:64}},required:["device","scene"],additionalProperties:!1},
{type:"object",properties:{device:{const:"browser"},camera:{type:"object",properties:{id:{type:"string",maxLength:512},label:{
type:"string",maxLength:512}},required:["id","label"],additionalProperties:!1},size:{type:"object",properties:{width:{type:"\
integer",minimum:16,maximum:16384},height:{type:"integer",minimum:16,maximum:16384}},required:["width","height"],additionalProperties:!1}},
required:["device"],additionalProperties:!1}]};function be(t,{instancePath:s="",parentData:ye,parentDataProperty:he,rootData:ce=t}={}){
let r=null,e=0;const n=e;let _=!1,F=null;const V=e;if(e===V)if(t&&typeof t=="object"&&!Array.isArray(t)){let c;if(t.device===
void 0&&(c="device")||t.scene===void 0&&(c="scene")){const M={instancePath:s,schemaPath:"#/oneOf/0/required",keyword:"re\
quired",params:{missingProperty:c}};r===null?r=[M]:r.push(M),e++}else{const M=e;for(const f in t)if(!(f==="device"||f===
"scene")){const d={instancePath:s,schemaPath:"#/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:f}};
r===null?r=[d]:r.push(d),e++;break}if(M===e){if(t.device!==void 0){const f=e;if(t.device!=="simulated"){const d={instancePath:s+
"/device",schemaPath:"#/oneOf/0/properties/device/const",keyword:"const",params:{allowedValue:"simulated"}};r===null?r=[
d]:r.push(d),e++}var Y=f===e}else var Y=!0;if(Y)if(t.scene!==void 0){let f=t.scene;const d=e;if(e===d)if(typeof f=="stri\
ng"){if(te(f)>64){const p={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/scene/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[p]:r.push(p),e++}}else{const p={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/\
scene/type",keyword:"type",params:{type:"string"}};r===null?r=[p]:r.push(p),e++}var Y=d===e}else var Y=!0}}}else{const c={
instancePath:s,schemaPath:"#/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[c]:r.push(c),e++}var K=V===
e;K&&(_=!0,F=0);const C=e;if(e===C)if(t&&typeof t=="object"&&!Array.isArray(t)){let c;if(t.device===void 0&&(c="device")){
const M={instancePath:s,schemaPath:"#/oneOf/1/required",keyword:"required",params:{missingProperty:c}};r===null?r=[M]:r.
push(M),e++}else{const M=e;for(const f in t)if(!(f==="device"||f==="camera"||f==="size")){const d={instancePath:s,schemaPath:"\
#/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:f}};r===null?r=[d]:r.push(d),e++;
break}if(M===e){if(t.device!==void 0){const f=e;if(t.device!=="browser"){const d={instancePath:s+"/device",schemaPath:"#\
/oneOf/1/properties/device/const",keyword:"const",params:{allowedValue:"browser"}};r===null?r=[d]:r.push(d),e++}var A=f===
e}else var A=!0;if(A){if(t.camera!==void 0){let f=t.camera;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){
let p;if(f.id===void 0&&(p="id")||f.label===void 0&&(p="label")){const S={instancePath:s+"/camera",schemaPath:"#/oneOf/1\
/properties/camera/required",keyword:"required",params:{missingProperty:p}};r===null?r=[S]:r.push(S),e++}else{const S=e;
for(const l in f)if(!(l==="id"||l==="label")){const k={instancePath:s+"/camera",schemaPath:"#/oneOf/1/properties/camera/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[k]:r.push(k),e++;break}if(S===
e){if(f.id!==void 0){let l=f.id;const k=e;if(e===k)if(typeof l=="string"){if(te(l)>512){const E={instancePath:s+"/camera\
/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=
[E]:r.push(E),e++}}else{const E={instancePath:s+"/camera/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/type",
keyword:"type",params:{type:"string"}};r===null?r=[E]:r.push(E),e++}var U=k===e}else var U=!0;if(U)if(f.label!==void 0){
let l=f.label;const k=e;if(e===k)if(typeof l=="string"){if(te(l)>512){const y={instancePath:s+"/camera/label",schemaPath:"\
#/oneOf/1/properties/camera/properties/label/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=[y]:r.push(y),
e++}}else{const y={instancePath:s+"/camera/label",schemaPath:"#/oneOf/1/properties/camera/properties/label/type",keyword:"\
type",params:{type:"string"}};r===null?r=[y]:r.push(y),e++}var U=k===e}else var U=!0}}}else{const p={instancePath:s+"/ca\
mera",schemaPath:"#/oneOf/1/properties/camera/type",keyword:"type",params:{type:"object"}};r===null?r=[p]:r.push(p),e++}
var A=d===e}else var A=!0;if(A)if(t.size!==void 0){let f=t.size;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(
f)){let p;if(f.width===void 0&&(p="width")||f.height===void 0&&(p="height")){const S={instancePath:s+"/size",schemaPath:"\
#/oneOf/1/properties/size/required",keyword:"required",params:{missingProperty:p}};r===null?r=[S]:r.push(S),e++}else{const S=e;
for(const l in f)if(!(l==="width"||l==="height")){const k={instancePath:s+"/size",schemaPath:"#/oneOf/1/properties/size/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[k]:r.push(k),e++;break}if(S===
e){if(f.width!==void 0){let l=f.width;const k=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const E={instancePath:s+
"/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/type",keyword:"type",params:{type:"integer"}};r===null?
r=[E]:r.push(E),e++}if(e===k&&typeof l=="number"&&isFinite(l)){if(l>16384||isNaN(l)){const E={instancePath:s+"/size/widt\
h",schemaPath:"#/oneOf/1/properties/size/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:16384}};
r===null?r=[E]:r.push(E),e++}else if(l<16||isNaN(l)){const E={instancePath:s+"/size/width",schemaPath:"#/oneOf/1/propert\
ies/size/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===null?r=[E]:r.push(E),e++}}var O=k===
e}else var O=!0;if(O)if(f.height!==void 0){let l=f.height;const k=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(
l))){const y={instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/type",keyword:"type",
params:{type:"integer"}};r===null?r=[y]:r.push(y),e++}if(e===k&&typeof l=="number"&&isFinite(l)){if(l>16384||isNaN(l)){const y={
instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/maximum",keyword:"maximum",params:{
comparison:"<=",limit:16384}};r===null?r=[y]:r.push(y),e++}else if(l<16||isNaN(l)){const y={instancePath:s+"/size/height",
schemaPath:"#/oneOf/1/properties/size/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===
null?r=[y]:r.push(y),e++}}var O=k===e}else var O=!0}}}else{const p={instancePath:s+"/size",schemaPath:"#/oneOf/1/propert\
ies/size/type",keyword:"type",params:{type:"object"}};r===null?r=[p]:r.push(p),e++}var A=d===e}else var A=!0}}}}else{const c={
instancePath:s,schemaPath:"#/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[c]:r.push(c),e++}var K=C===
e;if(K&&_?(_=!1,F=[F,1]):K&&(_=!0,F=1),_)e=n,r!==null&&(n?r.length=n:r=null);else{const c={instancePath:s,schemaPath:"#/\
oneOf",keyword:"oneOf",params:{passingSchemas:F}};return r===null?r=[c]:r.push(c),e++,be.errors=r,!1}return be.errors=r,
e===0}const $e=B,Oe={$id:"velmo/decision/1",type:"object",properties:{version:{const:1},roll:{type:"string",maxLength:200},
choice:{enum:["kept","dropped",null]},development:{type:"object",properties:{exposure:{type:"number",minimum:-5,maximum:5},
contrast:{type:"number",minimum:-1,maximum:1},highlights:{type:"number",minimum:-1,maximum:1},shadows:{type:"number",minimum:-1,
maximum:1},white:{oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"number",minimum:2e3,maximum:12e3},tint:{
type:"number",minimum:-30,maximum:30}},required:["kelvin","tint"],additionalProperties:!1}]},saturation:{type:"number",minimum:-1,
maximum:1},greys:{oneOf:[{type:"null"},{type:"array",items:{type:"number",minimum:-1,maximum:2},minItems:3,maxItems:3}]},
sharpening:{type:"number",minimum:0,maximum:1},noise:{type:"number",minimum:0,maximum:1}},required:["exposure","contrast",
"highlights","shadows","white","saturation","greys","sharpening","noise"],additionalProperties:!1},reframe:{type:"object",
properties:{quarters:{enum:[0,1,2,3]},tilt:{type:"integer",minimum:-450,maximum:450},crop:{type:"object",properties:{x:{
type:"number",minimum:-1,maximum:2},y:{type:"number",minimum:-1,maximum:2},width:{type:"number",minimum:.001,maximum:2},
height:{type:"number",minimum:.001,maximum:2}},required:["x","y","width","height"],additionalProperties:!1}},required:["\
quarters","tilt","crop"],additionalProperties:!1}},required:["version","roll","choice"],additionalProperties:!1};function B(t,{
instancePath:s="",parentData:ye,parentDataProperty:he,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let O;if(t.version===void 0&&(O="version")||t.roll===void 0&&(O="roll")||t.choice===void 0&&(O="choic\
e"))return B.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:O}}],!1;{const K=e;
for(const c in t)if(!(c==="version"||c==="roll"||c==="choice"||c==="development"||c==="reframe")){return B.errors=[{instancePath:s,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:c}}],!1;break}if(K===e){if(t.
version!==void 0){const c=e;if(t.version!==1)return B.errors=[{instancePath:s+"/version",schemaPath:"#/properties/versio\
n/const",keyword:"const",params:{allowedValue:1}}],!1;var n=c===e}else var n=!0;if(n){if(t.roll!==void 0){let c=t.roll;const M=e;
if(e===M)if(typeof c=="string"){if(te(c)>200)return B.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/maxL\
ength",keyword:"maxLength",params:{limit:200}}],!1}else return B.errors=[{instancePath:s+"/roll",schemaPath:"#/propertie\
s/roll/type",keyword:"type",params:{type:"string"}}],!1;var n=M===e}else var n=!0;if(n){if(t.choice!==void 0){let c=t.choice;
const M=e;if(!(c==="kept"||c==="dropped"||c===null))return B.errors=[{instancePath:s+"/choice",schemaPath:"#/properties/\
choice/enum",keyword:"enum",params:{allowedValues:Oe.properties.choice.enum}}],!1;var n=M===e}else var n=!0;if(n){if(t.development!==
void 0){let c=t.development;const M=e;if(e===M)if(c&&typeof c=="object"&&!Array.isArray(c)){let d;if(c.exposure===void 0&&
(d="exposure")||c.contrast===void 0&&(d="contrast")||c.highlights===void 0&&(d="highlights")||c.shadows===void 0&&(d="sh\
adows")||c.white===void 0&&(d="white")||c.saturation===void 0&&(d="saturation")||c.greys===void 0&&(d="greys")||c.sharpening===
void 0&&(d="sharpening")||c.noise===void 0&&(d="noise"))return B.errors=[{instancePath:s+"/development",schemaPath:"#/pr\
operties/development/required",keyword:"required",params:{missingProperty:d}}],!1;{const z=e;for(const p in c)if(!Pe.call(
Oe.properties.development.properties,p)){return B.errors=[{instancePath:s+"/development",schemaPath:"#/properties/develo\
pment/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(z===e){if(c.exposure!==
void 0){let p=c.exposure;const S=e;if(e===S)if(typeof p=="number"&&isFinite(p)){if(p>5||isNaN(p))return B.errors=[{instancePath:s+
"/development/exposure",schemaPath:"#/properties/development/properties/exposure/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:5}}],!1;if(p<-5||isNaN(p))return B.errors=[{instancePath:s+"/development/exposure",schemaPath:"#/properties/de\
velopment/properties/exposure/minimum",keyword:"minimum",params:{comparison:">=",limit:-5}}],!1}else return B.errors=[{instancePath:s+
"/development/exposure",schemaPath:"#/properties/development/properties/exposure/type",keyword:"type",params:{type:"numb\
er"}}],!1;var _=S===e}else var _=!0;if(_){if(c.contrast!==void 0){let p=c.contrast;const S=e;if(e===S)if(typeof p=="numb\
er"&&isFinite(p)){if(p>1||isNaN(p))return B.errors=[{instancePath:s+"/development/contrast",schemaPath:"#/properties/dev\
elopment/properties/contrast/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(p<-1||isNaN(p))return B.
errors=[{instancePath:s+"/development/contrast",schemaPath:"#/properties/development/properties/contrast/minimum",keyword:"\
minimum",params:{comparison:">=",limit:-1}}],!1}else return B.errors=[{instancePath:s+"/development/contrast",schemaPath:"\
#/properties/development/properties/contrast/type",keyword:"type",params:{type:"number"}}],!1;var _=S===e}else var _=!0;
if(_){if(c.highlights!==void 0){let p=c.highlights;const S=e;if(e===S)if(typeof p=="number"&&isFinite(p)){if(p>1||isNaN(
p))return B.errors=[{instancePath:s+"/development/highlights",schemaPath:"#/properties/development/properties/highlights\
/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(p<-1||isNaN(p))return B.errors=[{instancePath:s+"/d\
evelopment/highlights",schemaPath:"#/properties/development/properties/highlights/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}}],!1}else return B.errors=[{instancePath:s+"/development/highlights",schemaPath:"#/properties/development/\
properties/highlights/type",keyword:"type",params:{type:"number"}}],!1;var _=S===e}else var _=!0;if(_){if(c.shadows!==void 0){
let p=c.shadows;const S=e;if(e===S)if(typeof p=="number"&&isFinite(p)){if(p>1||isNaN(p))return B.errors=[{instancePath:s+
"/development/shadows",schemaPath:"#/properties/development/properties/shadows/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}}],!1;if(p<-1||isNaN(p))return B.errors=[{instancePath:s+"/development/shadows",schemaPath:"#/properties/dev\
elopment/properties/shadows/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return B.errors=[{instancePath:s+
"/development/shadows",schemaPath:"#/properties/development/properties/shadows/type",keyword:"type",params:{type:"number"}}],
!1;var _=S===e}else var _=!0;if(_){if(c.white!==void 0){let p=c.white;const S=e,l=e;let k=!1,E=null;const y=e;if(p!==null){
const x={instancePath:s+"/development/white",schemaPath:"#/properties/development/properties/white/oneOf/0/type",keyword:"\
type",params:{type:"null"}};r===null?r=[x]:r.push(x),e++}var V=y===e;V&&(k=!0,E=0);const L=e;if(e===L)if(p&&typeof p=="o\
bject"&&!Array.isArray(p)){let x;if(p.kelvin===void 0&&(x="kelvin")||p.tint===void 0&&(x="tint")){const T={instancePath:s+
"/development/white",schemaPath:"#/properties/development/properties/white/oneOf/1/required",keyword:"required",params:{
missingProperty:x}};r===null?r=[T]:r.push(T),e++}else{const T=e;for(const o in p)if(!(o==="kelvin"||o==="tint")){const j={
instancePath:s+"/development/white",schemaPath:"#/properties/development/properties/white/oneOf/1/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[j]:r.push(j),e++;break}if(T===e){if(p.kelvin!==
void 0){let o=p.kelvin;const j=e;if(e===j)if(typeof o=="number"&&isFinite(o)){if(o>12e3||isNaN(o)){const i={instancePath:s+
"/development/white/kelvin",schemaPath:"#/properties/development/properties/white/oneOf/1/properties/kelvin/maximum",keyword:"\
maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[i]:r.push(i),e++}else if(o<2e3||isNaN(o)){const i={instancePath:s+
"/development/white/kelvin",schemaPath:"#/properties/development/properties/white/oneOf/1/properties/kelvin/minimum",keyword:"\
minimum",params:{comparison:">=",limit:2e3}};r===null?r=[i]:r.push(i),e++}}else{const i={instancePath:s+"/development/wh\
ite/kelvin",schemaPath:"#/properties/development/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{
type:"number"}};r===null?r=[i]:r.push(i),e++}var F=j===e}else var F=!0;if(F)if(p.tint!==void 0){let o=p.tint;const j=e;if(e===
j)if(typeof o=="number"&&isFinite(o)){if(o>30||isNaN(o)){const h={instancePath:s+"/development/white/tint",schemaPath:"#\
/properties/development/properties/white/oneOf/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};
r===null?r=[h]:r.push(h),e++}else if(o<-30||isNaN(o)){const h={instancePath:s+"/development/white/tint",schemaPath:"#/pr\
operties/development/properties/white/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};
r===null?r=[h]:r.push(h),e++}}else{const h={instancePath:s+"/development/white/tint",schemaPath:"#/properties/developmen\
t/properties/white/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[h]:r.push(h),e++}var F=j===
e}else var F=!0}}}else{const x={instancePath:s+"/development/white",schemaPath:"#/properties/development/properties/whit\
e/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[x]:r.push(x),e++}var V=L===e;if(V&&k?(k=!1,E=[E,1]):V&&
(k=!0,E=1),k)e=l,r!==null&&(l?r.length=l:r=null);else{const x={instancePath:s+"/development/white",schemaPath:"#/propert\
ies/development/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:E}};return r===null?r=[x]:r.push(x),e++,B.
errors=r,!1}var _=S===e}else var _=!0;if(_){if(c.saturation!==void 0){let p=c.saturation;const S=e;if(e===S)if(typeof p==
"number"&&isFinite(p)){if(p>1||isNaN(p))return B.errors=[{instancePath:s+"/development/saturation",schemaPath:"#/propert\
ies/development/properties/saturation/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(p<-1||isNaN(p))
return B.errors=[{instancePath:s+"/development/saturation",schemaPath:"#/properties/development/properties/saturation/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return B.errors=[{instancePath:s+"/development/satu\
ration",schemaPath:"#/properties/development/properties/saturation/type",keyword:"type",params:{type:"number"}}],!1;var _=S===
e}else var _=!0;if(_){if(c.greys!==void 0){let p=c.greys;const S=e,l=e;let k=!1,E=null;const y=e;if(p!==null){const x={instancePath:s+
"/development/greys",schemaPath:"#/properties/development/properties/greys/oneOf/0/type",keyword:"type",params:{type:"nu\
ll"}};r===null?r=[x]:r.push(x),e++}var C=y===e;C&&(k=!0,E=0);const L=e;if(e===L)if(Array.isArray(p))if(p.length>3){const x={
instancePath:s+"/development/greys",schemaPath:"#/properties/development/properties/greys/oneOf/1/maxItems",keyword:"max\
Items",params:{limit:3}};r===null?r=[x]:r.push(x),e++}else if(p.length<3){const x={instancePath:s+"/development/greys",schemaPath:"\
#/properties/development/properties/greys/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[x]:r.push(x),
e++}else{var Y=!0;const x=p.length;for(let T=0;T<x;T++){let o=p[T];const j=e;if(e===j)if(typeof o=="number"&&isFinite(o)){
if(o>2||isNaN(o)){const h={instancePath:s+"/development/greys/"+T,schemaPath:"#/properties/development/properties/greys/\
oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}};r===null?r=[h]:r.push(h),e++}else if(o<-1||isNaN(
o)){const h={instancePath:s+"/development/greys/"+T,schemaPath:"#/properties/development/properties/greys/oneOf/1/items/\
minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[h]:r.push(h),e++}}else{const h={instancePath:s+
"/development/greys/"+T,schemaPath:"#/properties/development/properties/greys/oneOf/1/items/type",keyword:"type",params:{
type:"number"}};r===null?r=[h]:r.push(h),e++}var Y=j===e;if(!Y)break}}else{const x={instancePath:s+"/development/greys",
schemaPath:"#/properties/development/properties/greys/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[x]:
r.push(x),e++}var C=L===e;if(C&&k?(k=!1,E=[E,1]):C&&(k=!0,E=1),k)e=l,r!==null&&(l?r.length=l:r=null);else{const x={instancePath:s+
"/development/greys",schemaPath:"#/properties/development/properties/greys/oneOf",keyword:"oneOf",params:{passingSchemas:E}};
return r===null?r=[x]:r.push(x),e++,B.errors=r,!1}var _=S===e}else var _=!0;if(_){if(c.sharpening!==void 0){let p=c.sharpening;
const S=e;if(e===S)if(typeof p=="number"&&isFinite(p)){if(p>1||isNaN(p))return B.errors=[{instancePath:s+"/development/s\
harpening",schemaPath:"#/properties/development/properties/sharpening/maximum",keyword:"maximum",params:{comparison:"<=",
limit:1}}],!1;if(p<0||isNaN(p))return B.errors=[{instancePath:s+"/development/sharpening",schemaPath:"#/properties/devel\
opment/properties/sharpening/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return B.errors=[{instancePath:s+
"/development/sharpening",schemaPath:"#/properties/development/properties/sharpening/type",keyword:"type",params:{type:"\
number"}}],!1;var _=S===e}else var _=!0;if(_)if(c.noise!==void 0){let p=c.noise;const S=e;if(e===S)if(typeof p=="number"&&
isFinite(p)){if(p>1||isNaN(p))return B.errors=[{instancePath:s+"/development/noise",schemaPath:"#/properties/development\
/properties/noise/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(p<0||isNaN(p))return B.errors=[{instancePath:s+
"/development/noise",schemaPath:"#/properties/development/properties/noise/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:0}}],!1}else return B.errors=[{instancePath:s+"/development/noise",schemaPath:"#/properties/development/proper\
ties/noise/type",keyword:"type",params:{type:"number"}}],!1;var _=S===e}else var _=!0}}}}}}}}}}else return B.errors=[{instancePath:s+
"/development",schemaPath:"#/properties/development/type",keyword:"type",params:{type:"object"}}],!1;var n=M===e}else var n=!0;
if(n)if(t.reframe!==void 0){let c=t.reframe;const M=e;if(e===M)if(c&&typeof c=="object"&&!Array.isArray(c)){let d;if(c.quarters===
void 0&&(d="quarters")||c.tilt===void 0&&(d="tilt")||c.crop===void 0&&(d="crop"))return B.errors=[{instancePath:s+"/refr\
ame",schemaPath:"#/properties/reframe/required",keyword:"required",params:{missingProperty:d}}],!1;{const z=e;for(const p in c)
if(!(p==="quarters"||p==="tilt"||p==="crop")){return B.errors=[{instancePath:s+"/reframe",schemaPath:"#/properties/refra\
me/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(z===e){if(c.quarters!==
void 0){let p=c.quarters;const S=e;if(!(p===0||p===1||p===2||p===3))return B.errors=[{instancePath:s+"/reframe/quarters",
schemaPath:"#/properties/reframe/properties/quarters/enum",keyword:"enum",params:{allowedValues:Oe.properties.reframe.properties.
quarters.enum}}],!1;var A=S===e}else var A=!0;if(A){if(c.tilt!==void 0){let p=c.tilt;const S=e;if(!(typeof p=="number"&&
!(p%1)&&!isNaN(p)&&isFinite(p)))return B.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"#/properties/reframe/proper\
ties/tilt/type",keyword:"type",params:{type:"integer"}}],!1;if(e===S&&typeof p=="number"&&isFinite(p)){if(p>450||isNaN(p))
return B.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"#/properties/reframe/properties/tilt/maximum",keyword:"maxi\
mum",params:{comparison:"<=",limit:450}}],!1;if(p<-450||isNaN(p))return B.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"\
#/properties/reframe/properties/tilt/minimum",keyword:"minimum",params:{comparison:">=",limit:-450}}],!1}var A=S===e}else
var A=!0;if(A)if(c.crop!==void 0){let p=c.crop;const S=e;if(e===S)if(p&&typeof p=="object"&&!Array.isArray(p)){let k;if(p.
x===void 0&&(k="x")||p.y===void 0&&(k="y")||p.width===void 0&&(k="width")||p.height===void 0&&(k="height"))return B.errors=
[{instancePath:s+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/required",keyword:"required",params:{missingProperty:k}}],
!1;{const E=e;for(const y in p)if(!(y==="x"||y==="y"||y==="width"||y==="height")){return B.errors=[{instancePath:s+"/ref\
rame/crop",schemaPath:"#/properties/reframe/properties/crop/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:y}}],!1;break}if(E===e){if(p.x!==void 0){let y=p.x;const L=e;if(e===L)if(typeof y=="number"&&isFinite(
y)){if(y>2||isNaN(y))return B.errors=[{instancePath:s+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop\
/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(y<-1||isNaN(y))return B.errors=[{instancePath:s+
"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop/properties/x/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}}],!1}else return B.errors=[{instancePath:s+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/c\
rop/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var U=L===e}else var U=!0;if(U){if(p.y!==void 0){let y=p.
y;const L=e;if(e===L)if(typeof y=="number"&&isFinite(y)){if(y>2||isNaN(y))return B.errors=[{instancePath:s+"/reframe/cro\
p/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],
!1;if(y<-1||isNaN(y))return B.errors=[{instancePath:s+"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop\
/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return B.errors=[{instancePath:s+"/\
reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/type",keyword:"type",params:{type:"number"}}],
!1;var U=L===e}else var U=!0;if(U){if(p.width!==void 0){let y=p.width;const L=e;if(e===L)if(typeof y=="number"&&isFinite(
y)){if(y>2||isNaN(y))return B.errors=[{instancePath:s+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/\
crop/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(y<.001||isNaN(y))return B.errors=
[{instancePath:s+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/crop/properties/width/minimum",keyword:"\
minimum",params:{comparison:">=",limit:.001}}],!1}else return B.errors=[{instancePath:s+"/reframe/crop/width",schemaPath:"\
#/properties/reframe/properties/crop/properties/width/type",keyword:"type",params:{type:"number"}}],!1;var U=L===e}else var U=!0;
if(U)if(p.height!==void 0){let y=p.height;const L=e;if(e===L)if(typeof y=="number"&&isFinite(y)){if(y>2||isNaN(y))return B.
errors=[{instancePath:s+"/reframe/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(y<.001||isNaN(y))return B.errors=[{instancePath:s+"/refram\
e/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:.001}}],!1}else return B.errors=[{instancePath:s+"/reframe/crop/height",schemaPath:"#/properties/reframe/prope\
rties/crop/properties/height/type",keyword:"type",params:{type:"number"}}],!1;var U=L===e}else var U=!0}}}}}else return B.
errors=[{instancePath:s+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/type",keyword:"type",params:{type:"\
object"}}],!1;var A=S===e}else var A=!0}}}}else return B.errors=[{instancePath:s+"/reframe",schemaPath:"#/properties/ref\
rame/type",keyword:"type",params:{type:"object"}}],!1;var n=M===e}else var n=!0}}}}}}else return B.errors=[{instancePath:s,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return B.errors=r,e===0}const Qe=de,Ze={$id:"velmo/roll/1",
type:"object",properties:{version:{const:1},id:{type:"string",minLength:1,maxLength:200},name:{type:"string",minLength:1,
maxLength:40},madeAt:{type:"number",minimum:0}},required:["version","id","name","madeAt"],additionalProperties:!1};function de(t,{
instancePath:s="",parentData:ye,parentDataProperty:he,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let _;if(t.version===void 0&&(_="version")||t.id===void 0&&(_="id")||t.name===void 0&&(_="name")||t.madeAt===
void 0&&(_="madeAt"))return de.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:_}}],
!1;{const F=e;for(const V in t)if(!(V==="version"||V==="id"||V==="name"||V==="madeAt")){return de.errors=[{instancePath:s,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:V}}],!1;break}if(F===e){if(t.
version!==void 0){const V=e;if(t.version!==1)return de.errors=[{instancePath:s+"/version",schemaPath:"#/properties/versi\
on/const",keyword:"const",params:{allowedValue:1}}],!1;var n=V===e}else var n=!0;if(n){if(t.id!==void 0){let V=t.id;const Y=e;
if(e===Y)if(typeof V=="string"){if(te(V)>200)return de.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/maxLeng\
th",keyword:"maxLength",params:{limit:200}}],!1;if(te(V)<1)return de.errors=[{instancePath:s+"/id",schemaPath:"#/propert\
ies/id/minLength",keyword:"minLength",params:{limit:1}}],!1}else return de.errors=[{instancePath:s+"/id",schemaPath:"#/p\
roperties/id/type",keyword:"type",params:{type:"string"}}],!1;var n=Y===e}else var n=!0;if(n){if(t.name!==void 0){let V=t.
name;const Y=e;if(e===Y)if(typeof V=="string"){if(te(V)>40)return de.errors=[{instancePath:s+"/name",schemaPath:"#/prope\
rties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(te(V)<1)return de.errors=[{instancePath:s+"/name",schemaPath:"\
#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return de.errors=[{instancePath:s+"/name",schemaPath:"\
#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var n=Y===e}else var n=!0;if(n)if(t.madeAt!==void 0){
let V=t.madeAt;const Y=e;if(e===Y)if(typeof V=="number"&&isFinite(V)){if(V<0||isNaN(V))return de.errors=[{instancePath:s+
"/madeAt",schemaPath:"#/properties/madeAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return de.
errors=[{instancePath:s+"/madeAt",schemaPath:"#/properties/madeAt/type",keyword:"type",params:{type:"number"}}],!1;var n=Y===
e}else var n=!0}}}}}else return de.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;
return de.errors=r,e===0}const Me=ke,We={$id:"velmo/frame-marks/1",type:"object",properties:{version:{const:1},clips:{type:"\
boolean"},zebra:{type:"boolean"},edges:{type:"boolean"}},required:["version","clips","zebra","edges"],additionalProperties:!1};
function ke(t,{instancePath:s="",parentData:ye,parentDataProperty:he,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t==
"object"&&!Array.isArray(t)){let _;if(t.version===void 0&&(_="version")||t.clips===void 0&&(_="clips")||t.zebra===void 0&&
(_="zebra")||t.edges===void 0&&(_="edges"))return ke.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",
params:{missingProperty:_}}],!1;{const F=e;for(const V in t)if(!(V==="version"||V==="clips"||V==="zebra"||V==="edges")){
return ke.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:V}}],
!1;break}if(F===e){if(t.version!==void 0){const V=e;if(t.version!==1)return ke.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var n=V===e}else var n=!0;if(n){if(t.clips!==void 0){
const V=e;if(typeof t.clips!="boolean")return ke.errors=[{instancePath:s+"/clips",schemaPath:"#/properties/clips/type",keyword:"\
type",params:{type:"boolean"}}],!1;var n=V===e}else var n=!0;if(n){if(t.zebra!==void 0){const V=e;if(typeof t.zebra!="bo\
olean")return ke.errors=[{instancePath:s+"/zebra",schemaPath:"#/properties/zebra/type",keyword:"type",params:{type:"bool\
ean"}}],!1;var n=V===e}else var n=!0;if(n)if(t.edges!==void 0){const V=e;if(typeof t.edges!="boolean")return ke.errors=[
{instancePath:s+"/edges",schemaPath:"#/properties/edges/type",keyword:"type",params:{type:"boolean"}}],!1;var n=V===e}else
var n=!0}}}}}else return ke.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return ke.
errors=r,e===0}const Re=ie,ve={$id:"velmo/kit/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"\
^[a-z0-9-]{1,40}$"},name:{type:"string",minLength:1,maxLength:40,pattern:"\\S"},parts:{type:"array",items:{enum:["exposu\
re","focus","white","rig","files","series","marks"]},minItems:1,uniqueItems:!0},settings:{$ref:"../settings/8"},monitors:{
type:"object",properties:{over:{enum:["any","red","green","blue","off"]},overColour:{enum:["pink","white","black"]},under:{
type:"boolean"},zebra:{oneOf:[{type:"null"},{type:"object",properties:{on:{const:"raw"},clicksUnder:{type:"integer",minimum:0,
maximum:9}},required:["on","clicksUnder"],additionalProperties:!1},{type:"object",properties:{on:{const:"picture"},percent:{
type:"integer",minimum:70,maximum:109}},required:["on","percent"],additionalProperties:!1}]},toneClicks:{type:["integer",
"null"],minimum:-18,maximum:9},rawHistogram:{enum:["off","small","large"]},logHeight:{type:"boolean"},pictureHistogram:{
type:"boolean"},allowedShare:{enum:[0,.001,.005,.02]},peaking:{enum:["focusing","always","off"]},peakingStrength:{enum:[
"low","medium","high"]},peakingColour:{enum:["violet","white","blue"]}},required:["over","overColour","under","zebra","t\
oneClicks","rawHistogram","logHeight","pictureHistogram","allowedShare","peaking","peakingStrength","peakingColour"],additionalProperties:!1}},
required:["version","id","name","parts","settings","monitors"],additionalProperties:!1},ze=new RegExp("^[a-z0-9-]{1,40}$",
"u"),Fe=new RegExp("\\S","u");function ie(t,{instancePath:s="",parentData:ye,parentDataProperty:he,rootData:ce=t}={}){let r=null,
e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let A;if(t.version===void 0&&(A="version")||t.id===void 0&&(A=
"id")||t.name===void 0&&(A="name")||t.parts===void 0&&(A="parts")||t.settings===void 0&&(A="settings")||t.monitors===void 0&&
(A="monitors"))return ie.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:A}}],
!1;{const U=e;for(const O in t)if(!(O==="version"||O==="id"||O==="name"||O==="parts"||O==="settings"||O==="monitors")){return ie.
errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:O}}],
!1;break}if(U===e){if(t.version!==void 0){const O=e;if(t.version!==1)return ie.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var n=O===e}else var n=!0;if(n){if(t.id!==void 0){
let O=t.id;const K=e;if(e===K)if(typeof O=="string"){if(!ze.test(O))return ie.errors=[{instancePath:s+"/id",schemaPath:"\
#/properties/id/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,40}$"}}],!1}else return ie.errors=[{instancePath:s+
"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type:"string"}}],!1;var n=K===e}else var n=!0;if(n){if(t.
name!==void 0){let O=t.name;const K=e;if(e===K)if(typeof O=="string"){if(te(O)>40)return ie.errors=[{instancePath:s+"/na\
me",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(te(O)<1)return ie.errors=[{instancePath:s+
"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1;if(!Fe.test(O))return ie.errors=
[{instancePath:s+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern:"\\S"}}],!1}else return ie.
errors=[{instancePath:s+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var n=K===
e}else var n=!0;if(n){if(t.parts!==void 0){let O=t.parts;const K=e;if(e===K)if(Array.isArray(O)){if(O.length<1)return ie.
errors=[{instancePath:s+"/parts",schemaPath:"#/properties/parts/minItems",keyword:"minItems",params:{limit:1}}],!1;{var _=!0;
const M=O.length;for(let f=0;f<M;f++){let d=O[f];const z=e;if(!(d==="exposure"||d==="focus"||d==="white"||d==="rig"||d===
"files"||d==="series"||d==="marks"))return ie.errors=[{instancePath:s+"/parts/"+f,schemaPath:"#/properties/parts/items/e\
num",keyword:"enum",params:{allowedValues:ve.properties.parts.items.enum}}],!1;var _=z===e;if(!_)break}if(_){let f=O.length,
d;if(f>1){e:for(;f--;)for(d=f;d--;)if(_e(O[f],O[d])){return ie.errors=[{instancePath:s+"/parts",schemaPath:"#/properties\
/parts/uniqueItems",keyword:"uniqueItems",params:{i:f,j:d}}],!1;break e}}}}}else return ie.errors=[{instancePath:s+"/par\
ts",schemaPath:"#/properties/parts/type",keyword:"type",params:{type:"array"}}],!1;var n=K===e}else var n=!0;if(n){if(t.
settings!==void 0){const O=e;W(t.settings,{instancePath:s+"/settings",parentData:t,parentDataProperty:"settings",rootData:ce})||
(r=r===null?W.errors:r.concat(W.errors),e=r.length);var n=O===e}else var n=!0;if(n)if(t.monitors!==void 0){let O=t.monitors;
const K=e;if(e===K)if(O&&typeof O=="object"&&!Array.isArray(O)){let M;if(O.over===void 0&&(M="over")||O.overColour===void 0&&
(M="overColour")||O.under===void 0&&(M="under")||O.zebra===void 0&&(M="zebra")||O.toneClicks===void 0&&(M="toneClicks")||
O.rawHistogram===void 0&&(M="rawHistogram")||O.logHeight===void 0&&(M="logHeight")||O.pictureHistogram===void 0&&(M="pic\
tureHistogram")||O.allowedShare===void 0&&(M="allowedShare")||O.peaking===void 0&&(M="peaking")||O.peakingStrength===void 0&&
(M="peakingStrength")||O.peakingColour===void 0&&(M="peakingColour"))return ie.errors=[{instancePath:s+"/monitors",schemaPath:"\
#/properties/monitors/required",keyword:"required",params:{missingProperty:M}}],!1;{const f=e;for(const d in O)if(!Pe.call(
ve.properties.monitors.properties,d)){return ie.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/ad\
ditionalProperties",keyword:"additionalProperties",params:{additionalProperty:d}}],!1;break}if(f===e){if(O.over!==void 0){
let d=O.over;const z=e;if(!(d==="any"||d==="red"||d==="green"||d==="blue"||d==="off"))return ie.errors=[{instancePath:s+
"/monitors/over",schemaPath:"#/properties/monitors/properties/over/enum",keyword:"enum",params:{allowedValues:ve.properties.
monitors.properties.over.enum}}],!1;var F=z===e}else var F=!0;if(F){if(O.overColour!==void 0){let d=O.overColour;const z=e;
if(!(d==="pink"||d==="white"||d==="black"))return ie.errors=[{instancePath:s+"/monitors/overColour",schemaPath:"#/proper\
ties/monitors/properties/overColour/enum",keyword:"enum",params:{allowedValues:ve.properties.monitors.properties.overColour.
enum}}],!1;var F=z===e}else var F=!0;if(F){if(O.under!==void 0){const d=e;if(typeof O.under!="boolean")return ie.errors=
[{instancePath:s+"/monitors/under",schemaPath:"#/properties/monitors/properties/under/type",keyword:"type",params:{type:"\
boolean"}}],!1;var F=d===e}else var F=!0;if(F){if(O.zebra!==void 0){let d=O.zebra;const z=e,p=e;let S=!1,l=null;const k=e;
if(d!==null){const L={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/0/type",
keyword:"type",params:{type:"null"}};r===null?r=[L]:r.push(L),e++}var Y=k===e;Y&&(S=!0,l=0);const E=e;if(e===E)if(d&&typeof d==
"object"&&!Array.isArray(d)){let L;if(d.on===void 0&&(L="on")||d.clicksUnder===void 0&&(L="clicksUnder")){const ee={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/required",keyword:"required",params:{missingProperty:L}};
r===null?r=[ee]:r.push(ee),e++}else{const ee=e;for(const x in d)if(!(x==="on"||x==="clicksUnder")){const T={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/additionalProperties",keyword:"additionalPr\
operties",params:{additionalProperty:x}};r===null?r=[T]:r.push(T),e++;break}if(ee===e){if(d.on!==void 0){const x=e;if(d.
on!=="raw"){const T={instancePath:s+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/prop\
erties/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?r=[T]:r.push(T),e++}var V=x===e}else var V=!0;if(V)
if(d.clicksUnder!==void 0){let x=d.clicksUnder;const T=e;if(!(typeof x=="number"&&!(x%1)&&!isNaN(x)&&isFinite(x))){const j={
instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/click\
sUnder/type",keyword:"type",params:{type:"integer"}};r===null?r=[j]:r.push(j),e++}if(e===T&&typeof x=="number"&&isFinite(
x)){if(x>9||isNaN(x)){const j={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties\
/zebra/oneOf/1/properties/clicksUnder/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[j]:r.push(
j),e++}else if(x<0||isNaN(x)){const j={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/pr\
operties/zebra/oneOf/1/properties/clicksUnder/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[j]:
r.push(j),e++}}var V=T===e}else var V=!0}}}else{const L={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monit\
ors/properties/zebra/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[L]:r.push(L),e++}var Y=E===e;if(Y&&
S)S=!1,l=[l,1];else{Y&&(S=!0,l=1);const L=e;if(e===L)if(d&&typeof d=="object"&&!Array.isArray(d)){let x;if(d.on===void 0&&
(x="on")||d.percent===void 0&&(x="percent")){const T={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors\
/properties/zebra/oneOf/2/required",keyword:"required",params:{missingProperty:x}};r===null?r=[T]:r.push(T),e++}else{const T=e;
for(const o in d)if(!(o==="on"||o==="percent")){const j={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monit\
ors/properties/zebra/oneOf/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?
r=[j]:r.push(j),e++;break}if(T===e){if(d.on!==void 0){const o=e;if(d.on!=="picture"){const j={instancePath:s+"/monitors/\
zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/on/const",keyword:"const",params:{allowedValue:"\
picture"}};r===null?r=[j]:r.push(j),e++}var C=o===e}else var C=!0;if(C)if(d.percent!==void 0){let o=d.percent;const j=e;
if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const h={instancePath:s+"/monitors/zebra/percent",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/2/properties/percent/type",keyword:"type",params:{type:"integer"}};r===null?
r=[h]:r.push(h),e++}if(e===j&&typeof o=="number"&&isFinite(o)){if(o>109||isNaN(o)){const h={instancePath:s+"/monitors/ze\
bra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/maximum",keyword:"maximum",params:{
comparison:"<=",limit:109}};r===null?r=[h]:r.push(h),e++}else if(o<70||isNaN(o)){const h={instancePath:s+"/monitors/zebr\
a/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/minimum",keyword:"minimum",params:{
comparison:">=",limit:70}};r===null?r=[h]:r.push(h),e++}}var C=j===e}else var C=!0}}}else{const x={instancePath:s+"/moni\
tors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/type",keyword:"type",params:{type:"object"}};r===
null?r=[x]:r.push(x),e++}var Y=L===e;Y&&S?(S=!1,l=[l,2]):Y&&(S=!0,l=2)}if(S)e=p,r!==null&&(p?r.length=p:r=null);else{const L={
instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:l}};
return r===null?r=[L]:r.push(L),e++,ie.errors=r,!1}var F=z===e}else var F=!0;if(F){if(O.toneClicks!==void 0){let d=O.toneClicks;
const z=e;if(!(typeof d=="number"&&!(d%1)&&!isNaN(d)&&isFinite(d))&&d!==null)return ie.errors=[{instancePath:s+"/monitor\
s/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/type",keyword:"type",params:{type:ve.properties.monitors.
properties.toneClicks.type}}],!1;if(e===z&&typeof d=="number"&&isFinite(d)){if(d>9||isNaN(d))return ie.errors=[{instancePath:s+
"/monitors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}}],!1;if(d<-18||isNaN(d))return ie.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/m\
onitors/properties/toneClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var F=z===e}else var F=!0;
if(F){if(O.rawHistogram!==void 0){let d=O.rawHistogram;const z=e;if(!(d==="off"||d==="small"||d==="large"))return ie.errors=
[{instancePath:s+"/monitors/rawHistogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",
params:{allowedValues:ve.properties.monitors.properties.rawHistogram.enum}}],!1;var F=z===e}else var F=!0;if(F){if(O.logHeight!==
void 0){const d=e;if(typeof O.logHeight!="boolean")return ie.errors=[{instancePath:s+"/monitors/logHeight",schemaPath:"#\
/properties/monitors/properties/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var F=d===e}else var F=!0;if(F){
if(O.pictureHistogram!==void 0){const d=e;if(typeof O.pictureHistogram!="boolean")return ie.errors=[{instancePath:s+"/mo\
nitors/pictureHistogram",schemaPath:"#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"\
boolean"}}],!1;var F=d===e}else var F=!0;if(F){if(O.allowedShare!==void 0){let d=O.allowedShare;const z=e;if(!(d===0||d===
.001||d===.005||d===.02))return ie.errors=[{instancePath:s+"/monitors/allowedShare",schemaPath:"#/properties/monitors/pr\
operties/allowedShare/enum",keyword:"enum",params:{allowedValues:ve.properties.monitors.properties.allowedShare.enum}}],
!1;var F=z===e}else var F=!0;if(F){if(O.peaking!==void 0){let d=O.peaking;const z=e;if(!(d==="focusing"||d==="always"||d===
"off"))return ie.errors=[{instancePath:s+"/monitors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",
keyword:"enum",params:{allowedValues:ve.properties.monitors.properties.peaking.enum}}],!1;var F=z===e}else var F=!0;if(F){
if(O.peakingStrength!==void 0){let d=O.peakingStrength;const z=e;if(!(d==="low"||d==="medium"||d==="high"))return ie.errors=
[{instancePath:s+"/monitors/peakingStrength",schemaPath:"#/properties/monitors/properties/peakingStrength/enum",keyword:"\
enum",params:{allowedValues:ve.properties.monitors.properties.peakingStrength.enum}}],!1;var F=z===e}else var F=!0;if(F)
if(O.peakingColour!==void 0){let d=O.peakingColour;const z=e;if(!(d==="violet"||d==="white"||d==="blue"))return ie.errors=
[{instancePath:s+"/monitors/peakingColour",schemaPath:"#/properties/monitors/properties/peakingColour/enum",keyword:"enu\
m",params:{allowedValues:ve.properties.monitors.properties.peakingColour.enum}}],!1;var F=z===e}else var F=!0}}}}}}}}}}}}}else
return ie.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/type",keyword:"type",params:{type:"objec\
t"}}],!1;var n=K===e}else var n=!0}}}}}}}else return ie.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{
type:"object"}}],!1;return ie.errors=r,e===0}const Be=ae,Ce={$id:"velmo/handoff/1",type:"object",properties:{pairing:{anyOf:[
{type:"null"},{type:"object",properties:{token:{type:"string",maxLength:64},computer:{type:"string",maxLength:255},folder:{
type:"string",maxLength:255}},required:["token","computer","folder"],additionalProperties:!1}]},jobs:{type:"array",items:{
type:"object",properties:{ids:{type:"array",items:{type:"string",maxLength:64}},done:{type:"array",items:{type:"string",
maxLength:64}},choices:{type:"object",properties:{what:{enum:["files","developed","archive"]},sidecars:{type:"boolean"},
folders:{type:"boolean"},place:{type:"boolean"}},required:["what","sidecars","folders","place"],additionalProperties:!1}},
required:["ids","done","choices"],additionalProperties:!1}}},required:["pairing","jobs"],additionalProperties:!1};function ae(t,{
instancePath:s="",parentData:ye,parentDataProperty:he,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let O;if(t.pairing===void 0&&(O="pairing")||t.jobs===void 0&&(O="jobs"))return ae.errors=[{instancePath:s,
schemaPath:"#/required",keyword:"required",params:{missingProperty:O}}],!1;{const K=e;for(const c in t)if(!(c==="pairing"||
c==="jobs")){return ae.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:c}}],!1;break}if(K===e){if(t.pairing!==void 0){let c=t.pairing;const M=e,f=e;let d=!1;const z=e;if(c!==
null){const p={instancePath:s+"/pairing",schemaPath:"#/properties/pairing/anyOf/0/type",keyword:"type",params:{type:"nul\
l"}};r===null?r=[p]:r.push(p),e++}var n=z===e;if(d=d||n,!d){const p=e;if(e===p)if(c&&typeof c=="object"&&!Array.isArray(
c)){let l;if(c.token===void 0&&(l="token")||c.computer===void 0&&(l="computer")||c.folder===void 0&&(l="folder")){const k={
instancePath:s+"/pairing",schemaPath:"#/properties/pairing/anyOf/1/required",keyword:"required",params:{missingProperty:l}};
r===null?r=[k]:r.push(k),e++}else{const k=e;for(const E in c)if(!(E==="token"||E==="computer"||E==="folder")){const y={instancePath:s+
"/pairing",schemaPath:"#/properties/pairing/anyOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:E}};
r===null?r=[y]:r.push(y),e++;break}if(k===e){if(c.token!==void 0){let E=c.token;const y=e;if(e===y)if(typeof E=="string"){
if(te(E)>64){const L={instancePath:s+"/pairing/token",schemaPath:"#/properties/pairing/anyOf/1/properties/token/maxLengt\
h",keyword:"maxLength",params:{limit:64}};r===null?r=[L]:r.push(L),e++}}else{const L={instancePath:s+"/pairing/token",schemaPath:"\
#/properties/pairing/anyOf/1/properties/token/type",keyword:"type",params:{type:"string"}};r===null?r=[L]:r.push(L),e++}
var _=y===e}else var _=!0;if(_){if(c.computer!==void 0){let E=c.computer;const y=e;if(e===y)if(typeof E=="string"){if(te(
E)>255){const ee={instancePath:s+"/pairing/computer",schemaPath:"#/properties/pairing/anyOf/1/properties/computer/maxLen\
gth",keyword:"maxLength",params:{limit:255}};r===null?r=[ee]:r.push(ee),e++}}else{const ee={instancePath:s+"/pairing/com\
puter",schemaPath:"#/properties/pairing/anyOf/1/properties/computer/type",keyword:"type",params:{type:"string"}};r===null?
r=[ee]:r.push(ee),e++}var _=y===e}else var _=!0;if(_)if(c.folder!==void 0){let E=c.folder;const y=e;if(e===y)if(typeof E==
"string"){if(te(E)>255){const ee={instancePath:s+"/pairing/folder",schemaPath:"#/properties/pairing/anyOf/1/properties/f\
older/maxLength",keyword:"maxLength",params:{limit:255}};r===null?r=[ee]:r.push(ee),e++}}else{const ee={instancePath:s+"\
/pairing/folder",schemaPath:"#/properties/pairing/anyOf/1/properties/folder/type",keyword:"type",params:{type:"string"}};
r===null?r=[ee]:r.push(ee),e++}var _=y===e}else var _=!0}}}}else{const l={instancePath:s+"/pairing",schemaPath:"#/proper\
ties/pairing/anyOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[l]:r.push(l),e++}var n=p===e;d=d||n}if(d)e=
f,r!==null&&(f?r.length=f:r=null);else{const p={instancePath:s+"/pairing",schemaPath:"#/properties/pairing/anyOf",keyword:"\
anyOf",params:{}};return r===null?r=[p]:r.push(p),e++,ae.errors=r,!1}var F=M===e}else var F=!0;if(F)if(t.jobs!==void 0){
let c=t.jobs;const M=e;if(e===M)if(Array.isArray(c)){var V=!0;const d=c.length;for(let z=0;z<d;z++){let p=c[z];const S=e;
if(e===S)if(p&&typeof p=="object"&&!Array.isArray(p)){let k;if(p.ids===void 0&&(k="ids")||p.done===void 0&&(k="done")||p.
choices===void 0&&(k="choices"))return ae.errors=[{instancePath:s+"/jobs/"+z,schemaPath:"#/properties/jobs/items/require\
d",keyword:"required",params:{missingProperty:k}}],!1;{const E=e;for(const y in p)if(!(y==="ids"||y==="done"||y==="choic\
es")){return ae.errors=[{instancePath:s+"/jobs/"+z,schemaPath:"#/properties/jobs/items/additionalProperties",keyword:"ad\
ditionalProperties",params:{additionalProperty:y}}],!1;break}if(E===e){if(p.ids!==void 0){let y=p.ids;const L=e;if(e===L)
if(Array.isArray(y)){var Y=!0;const ee=y.length;for(let x=0;x<ee;x++){let T=y[x];const o=e;if(e===o)if(typeof T=="string"){
if(te(T)>64)return ae.errors=[{instancePath:s+"/jobs/"+z+"/ids/"+x,schemaPath:"#/properties/jobs/items/properties/ids/it\
ems/maxLength",keyword:"maxLength",params:{limit:64}}],!1}else return ae.errors=[{instancePath:s+"/jobs/"+z+"/ids/"+x,schemaPath:"\
#/properties/jobs/items/properties/ids/items/type",keyword:"type",params:{type:"string"}}],!1;var Y=o===e;if(!Y)break}}else
return ae.errors=[{instancePath:s+"/jobs/"+z+"/ids",schemaPath:"#/properties/jobs/items/properties/ids/type",keyword:"ty\
pe",params:{type:"array"}}],!1;var C=L===e}else var C=!0;if(C){if(p.done!==void 0){let y=p.done;const L=e;if(e===L)if(Array.
isArray(y)){var A=!0;const x=y.length;for(let T=0;T<x;T++){let o=y[T];const j=e;if(e===j)if(typeof o=="string"){if(te(o)>
64)return ae.errors=[{instancePath:s+"/jobs/"+z+"/done/"+T,schemaPath:"#/properties/jobs/items/properties/done/items/max\
Length",keyword:"maxLength",params:{limit:64}}],!1}else return ae.errors=[{instancePath:s+"/jobs/"+z+"/done/"+T,schemaPath:"\
#/properties/jobs/items/properties/done/items/type",keyword:"type",params:{type:"string"}}],!1;var A=j===e;if(!A)break}}else
return ae.errors=[{instancePath:s+"/jobs/"+z+"/done",schemaPath:"#/properties/jobs/items/properties/done/type",keyword:"\
type",params:{type:"array"}}],!1;var C=L===e}else var C=!0;if(C)if(p.choices!==void 0){let y=p.choices;const L=e;if(e===
L)if(y&&typeof y=="object"&&!Array.isArray(y)){let x;if(y.what===void 0&&(x="what")||y.sidecars===void 0&&(x="sidecars")||
y.folders===void 0&&(x="folders")||y.place===void 0&&(x="place"))return ae.errors=[{instancePath:s+"/jobs/"+z+"/choices",
schemaPath:"#/properties/jobs/items/properties/choices/required",keyword:"required",params:{missingProperty:x}}],!1;{const T=e;
for(const o in y)if(!(o==="what"||o==="sidecars"||o==="folders"||o==="place")){return ae.errors=[{instancePath:s+"/jobs/"+
z+"/choices",schemaPath:"#/properties/jobs/items/properties/choices/additionalProperties",keyword:"additionalProperties",
params:{additionalProperty:o}}],!1;break}if(T===e){if(y.what!==void 0){let o=y.what;const j=e;if(!(o==="files"||o==="dev\
eloped"||o==="archive"))return ae.errors=[{instancePath:s+"/jobs/"+z+"/choices/what",schemaPath:"#/properties/jobs/items\
/properties/choices/properties/what/enum",keyword:"enum",params:{allowedValues:Ce.properties.jobs.items.properties.choices.
properties.what.enum}}],!1;var U=j===e}else var U=!0;if(U){if(y.sidecars!==void 0){const o=e;if(typeof y.sidecars!="bool\
ean")return ae.errors=[{instancePath:s+"/jobs/"+z+"/choices/sidecars",schemaPath:"#/properties/jobs/items/properties/cho\
ices/properties/sidecars/type",keyword:"type",params:{type:"boolean"}}],!1;var U=o===e}else var U=!0;if(U){if(y.folders!==
void 0){const o=e;if(typeof y.folders!="boolean")return ae.errors=[{instancePath:s+"/jobs/"+z+"/choices/folders",schemaPath:"\
#/properties/jobs/items/properties/choices/properties/folders/type",keyword:"type",params:{type:"boolean"}}],!1;var U=o===
e}else var U=!0;if(U)if(y.place!==void 0){const o=e;if(typeof y.place!="boolean")return ae.errors=[{instancePath:s+"/job\
s/"+z+"/choices/place",schemaPath:"#/properties/jobs/items/properties/choices/properties/place/type",keyword:"type",params:{
type:"boolean"}}],!1;var U=o===e}else var U=!0}}}}}else return ae.errors=[{instancePath:s+"/jobs/"+z+"/choices",schemaPath:"\
#/properties/jobs/items/properties/choices/type",keyword:"type",params:{type:"object"}}],!1;var C=L===e}else var C=!0}}}}else
return ae.errors=[{instancePath:s+"/jobs/"+z,schemaPath:"#/properties/jobs/items/type",keyword:"type",params:{type:"obje\
ct"}}],!1;var V=S===e;if(!V)break}}else return ae.errors=[{instancePath:s+"/jobs",schemaPath:"#/properties/jobs/type",keyword:"\
type",params:{type:"array"}}],!1;var F=M===e}else var F=!0}}}else return ae.errors=[{instancePath:s,schemaPath:"#/type",
keyword:"type",params:{type:"object"}}],!1;return ae.errors=r,e===0}export{Ee as cameraChoice,Ie as cameraLight,$e as decision,De as frameRecord,Be as handoff,Re as kit,Me as markChoice,He as olderFrameRecord,
Ve as preferences,Qe as rollRecord,Le as settings};
