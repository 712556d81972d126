/* Made of the schemas by `npm run validators`. */
const Fe=M,le={$id:"velmo/settings/8",type:"object",properties:{version:{const:8},lens:{type:"string",pattern:"^[a-z0-9-\
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
"series","delayS"],additionalProperties:!1},we=Object.prototype.hasOwnProperty,Ae=new RegExp("^[a-z0-9-]{1,32}$","u");function M(t,{
instancePath:i="",parentData:he,parentDataProperty:ye,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let a;if(t.version===void 0&&(a="version")||t.lens===void 0&&(a="lens")||t.crop===void 0&&(a="crop")||
t.time===void 0&&(a="time")||t.iso===void 0&&(a="iso")||t.compClicks===void 0&&(a="compClicks")||t.meter===void 0&&(a="m\
eter")||t.support===void 0&&(a="support")||t.stabiliserStops===void 0&&(a="stabiliserStops")||t.filterStops===void 0&&(a=
"filterStops")||t.torch===void 0&&(a="torch")||t.flash===void 0&&(a="flash")||t.subject===void 0&&(a="subject")||t.mainsHz===
void 0&&(a="mainsHz")||t.sizeMp===void 0&&(a="sizeMp")||t.focus===void 0&&(a="focus")||t.white===void 0&&(a="white")||t.
files===void 0&&(a="files")||t.jpegQuality===void 0&&(a="jpegQuality")||t.average===void 0&&(a="average")||t.aspect===void 0&&
(a="aspect")||t.series===void 0&&(a="series")||t.delayS===void 0&&(a="delayS"))return M.errors=[{instancePath:i,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:a}}],!1;{const S=e;for(const s in t)if(!we.call(le.properties,s)){
return M.errors=[{instancePath:i,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:s}}],
!1;break}if(S===e){if(t.version!==void 0){const s=e;if(t.version!==8)return M.errors=[{instancePath:i+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:8}}],!1;var n=s===e}else var n=!0;if(n){if(t.lens!==void 0){
let s=t.lens;const c=e;if(e===c)if(typeof s=="string"){if(!Ae.test(s))return M.errors=[{instancePath:i+"/lens",schemaPath:"\
#/properties/lens/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,32}$"}}],!1}else return M.errors=[{instancePath:i+
"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:"string"}}],!1;var n=c===e}else var n=!0;if(n){if(t.
crop!==void 0){let s=t.crop;const c=e;if(e===c)if(typeof s=="number"&&isFinite(s)){if(s>4||isNaN(s))return M.errors=[{instancePath:i+
"/crop",schemaPath:"#/properties/crop/maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(s<1||isNaN(s))
return M.errors=[{instancePath:i+"/crop",schemaPath:"#/properties/crop/minimum",keyword:"minimum",params:{comparison:">=",
limit:1}}],!1}else return M.errors=[{instancePath:i+"/crop",schemaPath:"#/properties/crop/type",keyword:"type",params:{type:"\
number"}}],!1;var n=c===e}else var n=!0;if(n){if(t.time!==void 0){let s=t.time;const c=e,N=e;let g=!1,V=null;const B=e;if(e===
B)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")){const v={instancePath:i+"/time",schemaPath:"\
#/properties/time/oneOf/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[v]:r.push(v),e++}else{const v=e;
for(const m in s)if(m!=="mode"){const u={instancePath:i+"/time",schemaPath:"#/properties/time/oneOf/0/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[u]:r.push(u),e++;break}if(v===e&&s.mode!==
void 0&&s.mode!=="auto"){const m={instancePath:i+"/time/mode",schemaPath:"#/properties/time/oneOf/0/properties/mode/cons\
t",keyword:"const",params:{allowedValue:"auto"}};r===null?r=[m]:r.push(m),e++}}}else{const o={instancePath:i+"/time",schemaPath:"\
#/properties/time/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var F=B===e;F&&(g=!0,
V=0);const k=e;if(e===k)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")||s.click===void 0&&
(o="click")){const v={instancePath:i+"/time",schemaPath:"#/properties/time/oneOf/1/required",keyword:"required",params:{
missingProperty:o}};r===null?r=[v]:r.push(v),e++}else{const v=e;for(const m in s)if(!(m==="mode"||m==="click")){const u={
instancePath:i+"/time",schemaPath:"#/properties/time/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:m}};r===null?r=[u]:r.push(u),e++;break}if(v===e){if(s.mode!==void 0){const m=e;if(s.mode!=="held"){const u={
instancePath:i+"/time/mode",schemaPath:"#/properties/time/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"\
held"}};r===null?r=[u]:r.push(u),e++}var x=m===e}else var x=!0;if(x)if(s.click!==void 0){let m=s.click;const u=e;if(!(typeof m==
"number"&&!(m%1)&&!isNaN(m)&&isFinite(m))){const h={instancePath:i+"/time/click",schemaPath:"#/properties/time/oneOf/1/p\
roperties/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[h]:r.push(h),e++}if(e===u&&typeof m=="number"&&
isFinite(m)){if(m>18||isNaN(m)){const h={instancePath:i+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/c\
lick/maximum",keyword:"maximum",params:{comparison:"<=",limit:18}};r===null?r=[h]:r.push(h),e++}else if(m<-39||isNaN(m)){
const h={instancePath:i+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/click/minimum",keyword:"minimum",
params:{comparison:">=",limit:-39}};r===null?r=[h]:r.push(h),e++}}var x=u===e}else var x=!0}}}else{const o={instancePath:i+
"/time",schemaPath:"#/properties/time/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}
var F=k===e;if(F&&g?(g=!1,V=[V,1]):F&&(g=!0,V=1),g)e=N,r!==null&&(N?r.length=N:r=null);else{const o={instancePath:i+"/ti\
me",schemaPath:"#/properties/time/oneOf",keyword:"oneOf",params:{passingSchemas:V}};return r===null?r=[o]:r.push(o),e++,
M.errors=r,!1}var n=c===e}else var n=!0;if(n){if(t.iso!==void 0){let s=t.iso;const c=e,N=e;let g=!1,V=null;const B=e;if(e===
B)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")){const v={instancePath:i+"/iso",schemaPath:"\
#/properties/iso/oneOf/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[v]:r.push(v),e++}else{const v=e;
for(const m in s)if(m!=="mode"){const u={instancePath:i+"/iso",schemaPath:"#/properties/iso/oneOf/0/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[u]:r.push(u),e++;break}if(v===e&&s.mode!==void 0&&
s.mode!=="auto"){const m={instancePath:i+"/iso/mode",schemaPath:"#/properties/iso/oneOf/0/properties/mode/const",keyword:"\
const",params:{allowedValue:"auto"}};r===null?r=[m]:r.push(m),e++}}}else{const o={instancePath:i+"/iso",schemaPath:"#/pr\
operties/iso/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var X=B===e;X&&(g=!0,V=0);
const k=e;if(e===k)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")||s.click===void 0&&
(o="click")){const v={instancePath:i+"/iso",schemaPath:"#/properties/iso/oneOf/1/required",keyword:"required",params:{missingProperty:o}};
r===null?r=[v]:r.push(v),e++}else{const v=e;for(const m in s)if(!(m==="mode"||m==="click")){const u={instancePath:i+"/is\
o",schemaPath:"#/properties/iso/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};
r===null?r=[u]:r.push(u),e++;break}if(v===e){if(s.mode!==void 0){const m=e;if(s.mode!=="held"){const u={instancePath:i+"\
/iso/mode",schemaPath:"#/properties/iso/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===
null?r=[u]:r.push(u),e++}var L=m===e}else var L=!0;if(L)if(s.click!==void 0){let m=s.click;const u=e;if(!(typeof m=="num\
ber"&&!(m%1)&&!isNaN(m)&&isFinite(m))){const h={instancePath:i+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/propert\
ies/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[h]:r.push(h),e++}if(e===u&&typeof m=="number"&&isFinite(
m)){if(m>24||isNaN(m)){const h={instancePath:i+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:24}};r===null?r=[h]:r.push(h),e++}else if(m<-6||isNaN(m)){const h={instancePath:i+
"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/minimum",keyword:"minimum",params:{comparison:">=",limit:-6}};
r===null?r=[h]:r.push(h),e++}}var L=u===e}else var L=!0}}}else{const o={instancePath:i+"/iso",schemaPath:"#/properties/i\
so/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var X=k===e;if(X&&g?(g=!1,V=[V,1]):
X&&(g=!0,V=1),g)e=N,r!==null&&(N?r.length=N:r=null);else{const o={instancePath:i+"/iso",schemaPath:"#/properties/iso/one\
Of",keyword:"oneOf",params:{passingSchemas:V}};return r===null?r=[o]:r.push(o),e++,M.errors=r,!1}var n=c===e}else var n=!0;
if(n){if(t.compClicks!==void 0){let s=t.compClicks;const c=e;if(e===c)if(typeof s=="number"&&isFinite(s)){if(s>18||isNaN(
s))return M.errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/maximum",keyword:"maximum",params:{
comparison:"<=",limit:18}}],!1;if(s<-18||isNaN(s))return M.errors=[{instancePath:i+"/compClicks",schemaPath:"#/propertie\
s/compClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1;{let g;if(g=s/.5,g!==parseInt(g))return M.
errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/multipleOf",keyword:"multipleOf",params:{multipleOf:.5}}],
!1}}else return M.errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{
type:"number"}}],!1;var n=c===e}else var n=!0;if(n){if(t.meter!==void 0){let s=t.meter;const c=e;if(e===c)if(s&&typeof s==
"object"&&!Array.isArray(s)){let g;if(s.pattern===void 0&&(g="pattern")||s.spot===void 0&&(g="spot")||s.lockedEv100===void 0&&
(g="lockedEv100"))return M.errors=[{instancePath:i+"/meter",schemaPath:"#/properties/meter/required",keyword:"required",
params:{missingProperty:g}}],!1;{const V=e;for(const B in s)if(!(B==="pattern"||B==="spot"||B==="lockedEv100")){return M.
errors=[{instancePath:i+"/meter",schemaPath:"#/properties/meter/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:B}}],!1;break}if(V===e){if(s.pattern!==void 0){let B=s.pattern;const k=e;if(!(B==="whole"||B==="centr\
e"||B==="spot"||B==="highlights"))return M.errors=[{instancePath:i+"/meter/pattern",schemaPath:"#/properties/meter/prope\
rties/pattern/enum",keyword:"enum",params:{allowedValues:le.properties.meter.properties.pattern.enum}}],!1;var D=k===e}else
var D=!0;if(D){if(s.spot!==void 0){let B=s.spot;const k=e;if(e===k)if(B&&typeof B=="object"&&!Array.isArray(B)){let o;if(B.
x===void 0&&(o="x")||B.y===void 0&&(o="y"))return M.errors=[{instancePath:i+"/meter/spot",schemaPath:"#/properties/meter\
/properties/spot/required",keyword:"required",params:{missingProperty:o}}],!1;{const v=e;for(const m in B)if(!(m==="x"||
m==="y")){return M.errors=[{instancePath:i+"/meter/spot",schemaPath:"#/properties/meter/properties/spot/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:m}}],!1;break}if(v===e){if(B.x!==void 0){let m=B.x;const u=e;
if(e===u)if(typeof m=="number"&&isFinite(m)){if(m>1||isNaN(m))return M.errors=[{instancePath:i+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(m<0||
isNaN(m))return M.errors=[{instancePath:i+"/meter/spot/x",schemaPath:"#/properties/meter/properties/spot/properties/x/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return M.errors=[{instancePath:i+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var A=u===e}else var A=!0;
if(A)if(B.y!==void 0){let m=B.y;const u=e;if(e===u)if(typeof m=="number"&&isFinite(m)){if(m>1||isNaN(m))return M.errors=
[{instancePath:i+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/maximum",keyword:"maximum",
params:{comparison:"<=",limit:1}}],!1;if(m<0||isNaN(m))return M.errors=[{instancePath:i+"/meter/spot/y",schemaPath:"#/pr\
operties/meter/properties/spot/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return M.
errors=[{instancePath:i+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/type",keyword:"type",
params:{type:"number"}}],!1;var A=u===e}else var A=!0}}}else return M.errors=[{instancePath:i+"/meter/spot",schemaPath:"\
#/properties/meter/properties/spot/type",keyword:"type",params:{type:"object"}}],!1;var D=k===e}else var D=!0;if(D)if(s.
lockedEv100!==void 0){let B=s.lockedEv100;const k=e;if(!(typeof B=="number"&&isFinite(B))&&B!==null)return M.errors=[{instancePath:i+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/type",keyword:"type",params:{type:le.properties.
meter.properties.lockedEv100.type}}],!1;if(e===k&&typeof B=="number"&&isFinite(B)){if(B>30||isNaN(B))return M.errors=[{instancePath:i+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:30}}],!1;if(B<-20||isNaN(B))return M.errors=[{instancePath:i+"/meter/lockedEv100",schemaPath:"#/properties/met\
er/properties/lockedEv100/minimum",keyword:"minimum",params:{comparison:">=",limit:-20}}],!1}var D=k===e}else var D=!0}}}}else
return M.errors=[{instancePath:i+"/meter",schemaPath:"#/properties/meter/type",keyword:"type",params:{type:"object"}}],!1;
var n=c===e}else var n=!0;if(n){if(t.support!==void 0){let s=t.support;const c=e;if(!(s==="hand"||s==="tripod"))return M.
errors=[{instancePath:i+"/support",schemaPath:"#/properties/support/enum",keyword:"enum",params:{allowedValues:le.properties.
support.enum}}],!1;var n=c===e}else var n=!0;if(n){if(t.stabiliserStops!==void 0){let s=t.stabiliserStops;const c=e;if(!(typeof s==
"number"&&!(s%1)&&!isNaN(s)&&isFinite(s)))return M.errors=[{instancePath:i+"/stabiliserStops",schemaPath:"#/properties/s\
tabiliserStops/type",keyword:"type",params:{type:"integer"}}],!1;if(e===c&&typeof s=="number"&&isFinite(s)){if(s>5||isNaN(
s))return M.errors=[{instancePath:i+"/stabiliserStops",schemaPath:"#/properties/stabiliserStops/maximum",keyword:"maximu\
m",params:{comparison:"<=",limit:5}}],!1;if(s<0||isNaN(s))return M.errors=[{instancePath:i+"/stabiliserStops",schemaPath:"\
#/properties/stabiliserStops/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}var n=c===e}else var n=!0;
if(n){if(t.filterStops!==void 0){let s=t.filterStops;const c=e;if(!(typeof s=="number"&&!(s%1)&&!isNaN(s)&&isFinite(s)))
return M.errors=[{instancePath:i+"/filterStops",schemaPath:"#/properties/filterStops/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===c&&typeof s=="number"&&isFinite(s)){if(s>10||isNaN(s))return M.errors=[{instancePath:i+"/filterSto\
ps",schemaPath:"#/properties/filterStops/maximum",keyword:"maximum",params:{comparison:"<=",limit:10}}],!1;if(s<0||isNaN(
s))return M.errors=[{instancePath:i+"/filterStops",schemaPath:"#/properties/filterStops/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}}],!1}var n=c===e}else var n=!0;if(n){if(t.torch!==void 0){const s=e;if(typeof t.torch!="boolean")
return M.errors=[{instancePath:i+"/torch",schemaPath:"#/properties/torch/type",keyword:"type",params:{type:"boolean"}}],
!1;var n=s===e}else var n=!0;if(n){if(t.flash!==void 0){let s=t.flash;const c=e;if(!(s==="off"||s==="begin"||s==="end"))
return M.errors=[{instancePath:i+"/flash",schemaPath:"#/properties/flash/enum",keyword:"enum",params:{allowedValues:le.properties.
flash.enum}}],!1;var n=c===e}else var n=!0;if(n){if(t.subject!==void 0){let s=t.subject;const c=e;if(!(s==="scene"||s===
"still"||s==="walking"||s==="running"||s==="vehicle"))return M.errors=[{instancePath:i+"/subject",schemaPath:"#/properti\
es/subject/enum",keyword:"enum",params:{allowedValues:le.properties.subject.enum}}],!1;var n=c===e}else var n=!0;if(n){if(t.
mainsHz!==void 0){let s=t.mainsHz;const c=e;if(!(s===50||s===60))return M.errors=[{instancePath:i+"/mainsHz",schemaPath:"\
#/properties/mainsHz/enum",keyword:"enum",params:{allowedValues:le.properties.mainsHz.enum}}],!1;var n=c===e}else var n=!0;
if(n){if(t.sizeMp!==void 0){let s=t.sizeMp;const c=e;if(!(s===12||s===3))return M.errors=[{instancePath:i+"/sizeMp",schemaPath:"\
#/properties/sizeMp/enum",keyword:"enum",params:{allowedValues:le.properties.sizeMp.enum}}],!1;var n=c===e}else var n=!0;
if(n){if(t.focus!==void 0){let s=t.focus;const c=e,N=e;let g=!1,V=null;const B=e;if(e===B)if(s&&typeof s=="object"&&!Array.
isArray(s)){let o;if(s.mode===void 0&&(o="mode")||s.spot===void 0&&(o="spot")||s.follow===void 0&&(o="follow")){const v={
instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf/0/required",keyword:"required",params:{missingProperty:o}};
r===null?r=[v]:r.push(v),e++}else{const v=e;for(const m in s)if(!(m==="mode"||m==="spot"||m==="follow")){const u={instancePath:i+
"/focus",schemaPath:"#/properties/focus/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};
r===null?r=[u]:r.push(u),e++;break}if(v===e){if(s.mode!==void 0){const m=e;if(s.mode!=="auto"){const u={instancePath:i+"\
/focus/mode",schemaPath:"#/properties/focus/oneOf/0/properties/mode/const",keyword:"const",params:{allowedValue:"auto"}};
r===null?r=[u]:r.push(u),e++}var $=m===e}else var $=!0;if($){if(s.spot!==void 0){let m=s.spot;const u=e;if(e===u)if(m&&typeof m==
"object"&&!Array.isArray(m)){let h;if(m.x===void 0&&(h="x")||m.y===void 0&&(h="y")){const U={instancePath:i+"/focus/spot",
schemaPath:"#/properties/focus/oneOf/0/properties/spot/required",keyword:"required",params:{missingProperty:h}};r===null?
r=[U]:r.push(U),e++}else{const U=e;for(const G in m)if(!(G==="x"||G==="y")){const O={instancePath:i+"/focus/spot",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:G}};
r===null?r=[O]:r.push(O),e++;break}if(U===e){if(m.x!==void 0){let G=m.x;const O=e;if(e===O)if(typeof G=="number"&&isFinite(
G)){if(G>1||isNaN(G)){const C={instancePath:i+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/pro\
perties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[C]:r.push(C),e++}else if(G<0||isNaN(G)){
const C={instancePath:i+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/x/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[C]:r.push(C),e++}}else{const C={instancePath:i+"/focus/spot/x",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[C]:r.push(
C),e++}var b=O===e}else var b=!0;if(b)if(m.y!==void 0){let G=m.y;const O=e;if(e===O)if(typeof G=="number"&&isFinite(G)){
if(G>1||isNaN(G)){const w={instancePath:i+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/propert\
ies/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[w]:r.push(w),e++}else if(G<0||isNaN(G)){const w={
instancePath:i+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/y/minimum",keyword:"min\
imum",params:{comparison:">=",limit:0}};r===null?r=[w]:r.push(w),e++}}else{const w={instancePath:i+"/focus/spot/y",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[w]:r.push(
w),e++}var b=O===e}else var b=!0}}}else{const h={instancePath:i+"/focus/spot",schemaPath:"#/properties/focus/oneOf/0/pro\
perties/spot/type",keyword:"type",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var $=u===e}else var $=!0;if($)if(s.
follow!==void 0){const m=e;if(typeof s.follow!="boolean"){const H={instancePath:i+"/focus/follow",schemaPath:"#/properti\
es/focus/oneOf/0/properties/follow/type",keyword:"type",params:{type:"boolean"}};r===null?r=[H]:r.push(H),e++}var $=m===
e}else var $=!0}}}}else{const o={instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[o]:r.push(o),e++}var y=B===e;y&&(g=!0,V=0);const k=e;if(e===k)if(s&&typeof s=="object"&&!Array.
isArray(s)){let o;if(s.mode===void 0&&(o="mode")||s.dioptres===void 0&&(o="dioptres")){const v={instancePath:i+"/focus",
schemaPath:"#/properties/focus/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[v]:r.push(v),
e++}else{const v=e;for(const m in s)if(!(m==="mode"||m==="dioptres")){const u={instancePath:i+"/focus",schemaPath:"#/pro\
perties/focus/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[u]:
r.push(u),e++;break}if(v===e){if(s.mode!==void 0){const m=e;if(s.mode!=="held"){const u={instancePath:i+"/focus/mode",schemaPath:"\
#/properties/focus/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[u]:r.push(u),
e++}var J=m===e}else var J=!0;if(J)if(s.dioptres!==void 0){let m=s.dioptres;const u=e;if(e===u)if(typeof m=="number"&&isFinite(
m)){if(m>25||isNaN(m)){const h={instancePath:i+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/diopt\
res/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[h]:r.push(h),e++}else if(m<-1||isNaN(m)){const h={
instancePath:i+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/dioptres/minimum",keyword:"minimum",params:{
comparison:">=",limit:-1}};r===null?r=[h]:r.push(h),e++}}else{const h={instancePath:i+"/focus/dioptres",schemaPath:"#/pr\
operties/focus/oneOf/1/properties/dioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[h]:r.push(h),e++}var J=u===
e}else var J=!0}}}else{const o={instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[o]:r.push(o),e++}var y=k===e;if(y&&g?(g=!1,V=[V,1]):y&&(g=!0,V=1),g)e=N,r!==null&&(N?r.length=
N:r=null);else{const o={instancePath:i+"/focus",schemaPath:"#/properties/focus/oneOf",keyword:"oneOf",params:{passingSchemas:V}};
return r===null?r=[o]:r.push(o),e++,M.errors=r,!1}var n=c===e}else var n=!0;if(n){if(t.white!==void 0){let s=t.white;const c=e,
N=e;let g=!1,V=null;const B=e;if(e===B)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===void 0&&(o="mode")||
s.locked===void 0&&(o="locked")){const v={instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/0/required",keyword:"\
required",params:{missingProperty:o}};r===null?r=[v]:r.push(v),e++}else{const v=e;for(const m in s)if(!(m==="mode"||m===
"locked")){const u={instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/0/additionalProperties",keyword:"additi\
onalProperties",params:{additionalProperty:m}};r===null?r=[u]:r.push(u),e++;break}if(v===e){if(s.mode!==void 0){const m=e;
if(s.mode!=="auto"){const u={instancePath:i+"/white/mode",schemaPath:"#/properties/white/oneOf/0/properties/mode/const",
keyword:"const",params:{allowedValue:"auto"}};r===null?r=[u]:r.push(u),e++}var K=m===e}else var K=!0;if(K)if(s.locked!==
void 0){let m=s.locked;const u=e,H=e;let h=!1,U=null;const G=e;if(m!==null){const w={instancePath:i+"/white/locked",schemaPath:"\
#/properties/white/oneOf/0/properties/locked/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[w]:r.push(w),
e++}var d=G===e;d&&(h=!0,U=0);const O=e;if(e===O)if(m&&typeof m=="object"&&!Array.isArray(m)){let w;if(m.kelvin===void 0&&
(w="kelvin")||m.tint===void 0&&(w="tint")){const z={instancePath:i+"/white/locked",schemaPath:"#/properties/white/oneOf/\
0/properties/locked/oneOf/1/required",keyword:"required",params:{missingProperty:w}};r===null?r=[z]:r.push(z),e++}else{const z=e;
for(const ee in m)if(!(ee==="kelvin"||ee==="tint")){const T={instancePath:i+"/white/locked",schemaPath:"#/properties/whi\
te/oneOf/0/properties/locked/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:ee}};
r===null?r=[T]:r.push(T),e++;break}if(z===e){if(m.kelvin!==void 0){let ee=m.kelvin;const T=e;if(e===T)if(typeof ee=="num\
ber"&&isFinite(ee)){if(ee>12e3||isNaN(ee)){const ae={instancePath:i+"/white/locked/kelvin",schemaPath:"#/properties/whit\
e/oneOf/0/properties/locked/oneOf/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===
null?r=[ae]:r.push(ae),e++}else if(ee<2e3||isNaN(ee)){const ae={instancePath:i+"/white/locked/kelvin",schemaPath:"#/prop\
erties/white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/minimum",keyword:"minimum",params:{comparison:">=",limit:2e3}};
r===null?r=[ae]:r.push(ae),e++}}else{const ae={instancePath:i+"/white/locked/kelvin",schemaPath:"#/properties/white/oneO\
f/0/properties/locked/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[ae]:r.push(ae),
e++}var f=T===e}else var f=!0;if(f)if(m.tint!==void 0){let ee=m.tint;const T=e;if(e===T)if(typeof ee=="number"&&isFinite(
ee)){if(ee>30||isNaN(ee)){const pe={instancePath:i+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/propertie\
s/locked/oneOf/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=[pe]:r.push(pe),
e++}else if(ee<-30||isNaN(ee)){const pe={instancePath:i+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/prop\
erties/locked/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};r===null?r=[pe]:r.push(
pe),e++}}else{const pe={instancePath:i+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/properties/locked/one\
Of/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[pe]:r.push(pe),e++}var f=T===e}else var f=!0}}}else{
const w={instancePath:i+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/oneOf/1/type",keyword:"\
type",params:{type:"object"}};r===null?r=[w]:r.push(w),e++}var d=O===e;if(d&&h?(h=!1,U=[U,1]):d&&(h=!0,U=1),h)e=H,r!==null&&
(H?r.length=H:r=null);else{const w={instancePath:i+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/loc\
ked/oneOf",keyword:"oneOf",params:{passingSchemas:U}};r===null?r=[w]:r.push(w),e++}var K=u===e}else var K=!0}}}else{const o={
instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[
o]:r.push(o),e++}var l=B===e;l&&(g=!0,V=0);const k=e;if(e===k)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.mode===
void 0&&(o="mode")||s.kelvin===void 0&&(o="kelvin")||s.tint===void 0&&(o="tint")){const v={instancePath:i+"/white",schemaPath:"\
#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[v]:r.push(v),e++}else{const v=e;
for(const m in s)if(!(m==="mode"||m==="kelvin"||m==="tint")){const u={instancePath:i+"/white",schemaPath:"#/properties/w\
hite/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[u]:r.push(u),
e++;break}if(v===e){if(s.mode!==void 0){const m=e;if(s.mode!=="held"){const u={instancePath:i+"/white/mode",schemaPath:"\
#/properties/white/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[u]:r.push(u),
e++}var I=m===e}else var I=!0;if(I){if(s.kelvin!==void 0){let m=s.kelvin;const u=e;if(e===u)if(typeof m=="number"&&isFinite(
m)){if(m>12e3||isNaN(m)){const h={instancePath:i+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvi\
n/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[h]:r.push(h),e++}else if(m<2e3||isNaN(m)){
const h={instancePath:i+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/minimum",keyword:"minim\
um",params:{comparison:">=",limit:2e3}};r===null?r=[h]:r.push(h),e++}}else{const h={instancePath:i+"/white/kelvin",schemaPath:"\
#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[h]:r.push(h),e++}var I=u===
e}else var I=!0;if(I)if(s.tint!==void 0){let m=s.tint;const u=e;if(e===u)if(typeof m=="number"&&isFinite(m)){if(m>30||isNaN(
m)){const h={instancePath:i+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/maximum",keyword:"maxim\
um",params:{comparison:"<=",limit:30}};r===null?r=[h]:r.push(h),e++}else if(m<-30||isNaN(m)){const h={instancePath:i+"/w\
hite/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};
r===null?r=[h]:r.push(h),e++}}else{const h={instancePath:i+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properti\
es/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[h]:r.push(h),e++}var I=u===e}else var I=!0}}}}else{const o={
instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[
o]:r.push(o),e++}var l=k===e;if(l&&g?(g=!1,V=[V,1]):l&&(g=!0,V=1),g)e=N,r!==null&&(N?r.length=N:r=null);else{const o={instancePath:i+
"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:V}};return r===null?r=[o]:r.push(o),
e++,M.errors=r,!1}var n=c===e}else var n=!0;if(n){if(t.files!==void 0){let s=t.files;const c=e;if(!(s==="dng"||s==="dng+\
jpeg"||s==="jpeg"||s==="tiff"||s==="png"))return M.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/enum",
keyword:"enum",params:{allowedValues:le.properties.files.enum}}],!1;var n=c===e}else var n=!0;if(n){if(t.jpegQuality!==void 0){
let s=t.jpegQuality;const c=e;if(!(typeof s=="number"&&!(s%1)&&!isNaN(s)&&isFinite(s)))return M.errors=[{instancePath:i+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/type",keyword:"type",params:{type:"integer"}}],!1;if(e===c&&typeof s==
"number"&&isFinite(s)){if(s>100||isNaN(s))return M.errors=[{instancePath:i+"/jpegQuality",schemaPath:"#/properties/jpegQ\
uality/maximum",keyword:"maximum",params:{comparison:"<=",limit:100}}],!1;if(s<60||isNaN(s))return M.errors=[{instancePath:i+
"/jpegQuality",schemaPath:"#/properties/jpegQuality/minimum",keyword:"minimum",params:{comparison:">=",limit:60}}],!1}var n=c===
e}else var n=!0;if(n){if(t.average!==void 0){let s=t.average;const c=e,N=e;let g=!1,V=null;const B=e;if(s!==1){const o={
instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/0/const",keyword:"const",params:{allowedValue:1}};r===null?
r=[o]:r.push(o),e++}var j=B===e;j&&(g=!0,V=0);const k=e;if(!(typeof s=="number"&&!(s%1)&&!isNaN(s)&&isFinite(s))){const o={
instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"integer"}};r===null?
r=[o]:r.push(o),e++}if(e===k&&typeof s=="number"&&isFinite(s)){if(s>64||isNaN(s)){const o={instancePath:i+"/average",schemaPath:"\
#/properties/average/oneOf/1/maximum",keyword:"maximum",params:{comparison:"<=",limit:64}};r===null?r=[o]:r.push(o),e++}else if(s<
4||isNaN(s)){const o={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/minimum",keyword:"minimum",params:{
comparison:">=",limit:4}};r===null?r=[o]:r.push(o),e++}}var j=k===e;if(j&&g?(g=!1,V=[V,1]):j&&(g=!0,V=1),g)e=N,r!==null&&
(N?r.length=N:r=null);else{const o={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf",keyword:"oneOf",params:{
passingSchemas:V}};return r===null?r=[o]:r.push(o),e++,M.errors=r,!1}var n=c===e}else var n=!0;if(n){if(t.aspect!==void 0){
let s=t.aspect;const c=e;if(!(s==="4:3"||s==="3:2"||s==="16:9"||s==="1:1"))return M.errors=[{instancePath:i+"/aspect",schemaPath:"\
#/properties/aspect/enum",keyword:"enum",params:{allowedValues:le.properties.aspect.enum}}],!1;var n=c===e}else var n=!0;
if(n){if(t.series!==void 0){let s=t.series;const c=e,N=e;let g=!1,V=null;const B=e;if(e===B)if(s&&typeof s=="object"&&!Array.
isArray(s)){let o;if(s.kind===void 0&&(o="kind")){const v={instancePath:i+"/series",schemaPath:"#/properties/series/oneO\
f/0/required",keyword:"required",params:{missingProperty:o}};r===null?r=[v]:r.push(v),e++}else{const v=e;for(const m in s)
if(m!=="kind"){const u={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/0/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:m}};r===null?r=[u]:r.push(u),e++;break}if(v===e&&s.kind!==void 0&&s.kind!==
"single"){const m={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/0/properties/kind/const",keyword:"\
const",params:{allowedValue:"single"}};r===null?r=[m]:r.push(m),e++}}}else{const o={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var P=B===e;P&&(g=
!0,V=0);const k=e;if(e===k)if(s&&typeof s=="object"&&!Array.isArray(s)){let o;if(s.kind===void 0&&(o="kind")||s.frames===
void 0&&(o="frames")||s.stepClicks===void 0&&(o="stepClicks")||s.order===void 0&&(o="order")){const v={instancePath:i+"/\
series",schemaPath:"#/properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:o}};r===null?r=[v]:
r.push(v),e++}else{const v=e;for(const m in s)if(!(m==="kind"||m==="frames"||m==="stepClicks"||m==="order")){const u={instancePath:i+
"/series",schemaPath:"#/properties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};
r===null?r=[u]:r.push(u),e++;break}if(v===e){if(s.kind!==void 0){const m=e;if(s.kind!=="bracket"){const u={instancePath:i+
"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/const",keyword:"const",params:{allowedValue:"brac\
ket"}};r===null?r=[u]:r.push(u),e++}var p=m===e}else var p=!0;if(p){if(s.frames!==void 0){let m=s.frames;const u=e;if(!(typeof m==
"number"&&!(m%1)&&!isNaN(m)&&isFinite(m))){const h={instancePath:i+"/series/frames",schemaPath:"#/properties/series/oneO\
f/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[h]:r.push(h),e++}if(e===u&&typeof m=="nu\
mber"&&isFinite(m)){if(m>9||isNaN(m)){const h={instancePath:i+"/series/frames",schemaPath:"#/properties/series/oneOf/1/p\
roperties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[h]:r.push(h),e++}else if(m<2||
isNaN(m)){const h={instancePath:i+"/series/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/minimum",keyword:"\
minimum",params:{comparison:">=",limit:2}};r===null?r=[h]:r.push(h),e++}}var p=u===e}else var p=!0;if(p){if(s.stepClicks!==
void 0){let m=s.stepClicks;const u=e;if(!(typeof m=="number"&&!(m%1)&&!isNaN(m)&&isFinite(m))){const h={instancePath:i+"\
/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/type",keyword:"type",params:{type:"int\
eger"}};r===null?r=[h]:r.push(h),e++}if(e===u&&typeof m=="number"&&isFinite(m)){if(m>9||isNaN(m)){const h={instancePath:i+
"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}};r===null?r=[h]:r.push(h),e++}else if(m<1||isNaN(m)){const h={instancePath:i+"/series/stepClicks",schemaPath:"\
#/properties/series/oneOf/1/properties/stepClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?
r=[h]:r.push(h),e++}}var p=u===e}else var p=!0;if(p)if(s.order!==void 0){let m=s.order;const u=e;if(!(m==="middle-first"||
m==="dark-first"||m==="bright-first")){const h={instancePath:i+"/series/order",schemaPath:"#/properties/series/oneOf/1/p\
roperties/order/enum",keyword:"enum",params:{allowedValues:le.properties.series.oneOf[1].properties.order.enum}};r===null?
r=[h]:r.push(h),e++}var p=u===e}else var p=!0}}}}}else{const o={instancePath:i+"/series",schemaPath:"#/properties/series\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var P=k===e;if(P&&g)g=!1,V=[V,1];else{
P&&(g=!0,V=1);const o=e;if(e===o)if(s&&typeof s=="object"&&!Array.isArray(s)){let m;if(s.kind===void 0&&(m="kind")||s.frames===
void 0&&(m="frames")){const u={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/2/required",keyword:"requi\
red",params:{missingProperty:m}};r===null?r=[u]:r.push(u),e++}else{const u=e;for(const H in s)if(!(H==="kind"||H==="fram\
es")){const h={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/2/additionalProperties",keyword:"additiona\
lProperties",params:{additionalProperty:H}};r===null?r=[h]:r.push(h),e++;break}if(u===e){if(s.kind!==void 0){const H=e;if(s.
kind!=="burst"){const h={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/2/properties/kind/const",keyword:"\
const",params:{allowedValue:"burst"}};r===null?r=[h]:r.push(h),e++}var Z=H===e}else var Z=!0;if(Z)if(s.frames!==void 0){
let H=s.frames;const h=e;if(!(typeof H=="number"&&!(H%1)&&!isNaN(H)&&isFinite(H))){const G={instancePath:i+"/series/fram\
es",schemaPath:"#/properties/series/oneOf/2/properties/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[
G]:r.push(G),e++}if(e===h&&typeof H=="number"&&isFinite(H)){if(H>60||isNaN(H)){const G={instancePath:i+"/series/frames",
schemaPath:"#/properties/series/oneOf/2/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:60}};
r===null?r=[G]:r.push(G),e++}else if(H<3||isNaN(H)){const G={instancePath:i+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/2/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:3}};r===null?r=[G]:r.push(G),e++}}
var Z=h===e}else var Z=!0}}}else{const m={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/2/type",keyword:"\
type",params:{type:"object"}};r===null?r=[m]:r.push(m),e++}var P=o===e;if(P&&g)g=!1,V=[V,2];else{P&&(g=!0,V=2);const m=e;
if(e===m)if(s&&typeof s=="object"&&!Array.isArray(s)){let H;if(s.kind===void 0&&(H="kind")||s.places===void 0&&(H="place\
s")||s.nearDioptres===void 0&&(H="nearDioptres")||s.farDioptres===void 0&&(H="farDioptres")||s.overlap===void 0&&(H="ove\
rlap")){const h={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/3/required",keyword:"required",params:{missingProperty:H}};
r===null?r=[h]:r.push(h),e++}else{const h=e;for(const U in s)if(!(U==="kind"||U==="places"||U==="nearDioptres"||U==="far\
Dioptres"||U==="overlap")){const G={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/3/additionalPropertie\
s",keyword:"additionalProperties",params:{additionalProperty:U}};r===null?r=[G]:r.push(G),e++;break}if(h===e){if(s.kind!==
void 0){const U=e;if(s.kind!=="focus"){const G={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/3/pr\
operties/kind/const",keyword:"const",params:{allowedValue:"focus"}};r===null?r=[G]:r.push(G),e++}var q=U===e}else var q=!0;
if(q){if(s.places!==void 0){let U=s.places;const G=e,O=e;let C=!1,w=null;const z=e;if(U!==null){const ae={instancePath:i+
"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/0/type",keyword:"type",params:{type:"nu\
ll"}};r===null?r=[ae]:r.push(ae),e++}var se=z===e;se&&(C=!0,w=0);const ee=e;if(e===ee)if(Array.isArray(U))if(U.length>30){
const ae={instancePath:i+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/maxItems",keyword:"\
maxItems",params:{limit:30}};r===null?r=[ae]:r.push(ae),e++}else{var E=!0;const ae=U.length;for(let pe=0;pe<ae;pe++){let ge=U[pe];
const Oe=e;if(e===Oe)if(typeof ge=="number"&&isFinite(ge)){if(ge>25||isNaN(ge)){const ke={instancePath:i+"/series/places\
/"+pe,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:25}};r===null?r=[ke]:r.push(ke),e++}else if(ge<-1||isNaN(ge)){const ke={instancePath:i+"/series/places/"+pe,schemaPath:"\
#/properties/series/oneOf/3/properties/places/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};
r===null?r=[ke]:r.push(ke),e++}}else{const ke={instancePath:i+"/series/places/"+pe,schemaPath:"#/properties/series/oneOf\
/3/properties/places/oneOf/1/items/type",keyword:"type",params:{type:"number"}};r===null?r=[ke]:r.push(ke),e++}var E=Oe===
e;if(!E)break}}else{const ae={instancePath:i+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/\
oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[ae]:r.push(ae),e++}var se=ee===e;if(se&&C?(C=!1,w=[w,1]):
se&&(C=!0,w=1),C)e=O,r!==null&&(O?r.length=O:r=null);else{const ae={instancePath:i+"/series/places",schemaPath:"#/proper\
ties/series/oneOf/3/properties/places/oneOf",keyword:"oneOf",params:{passingSchemas:w}};r===null?r=[ae]:r.push(ae),e++}var q=G===
e}else var q=!0;if(q){if(s.nearDioptres!==void 0){let U=s.nearDioptres;const G=e;if(e===G)if(typeof U=="number"&&isFinite(
U)){if(U>25||isNaN(U)){const C={instancePath:i+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties\
/nearDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[C]:r.push(C),e++}else if(U<-1||isNaN(
U)){const C={instancePath:i+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/minim\
um",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[C]:r.push(C),e++}}else{const C={instancePath:i+"/se\
ries/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/type",keyword:"type",params:{type:"nu\
mber"}};r===null?r=[C]:r.push(C),e++}var q=G===e}else var q=!0;if(q){if(s.farDioptres!==void 0){let U=s.farDioptres;const G=e;
if(e===G)if(typeof U=="number"&&isFinite(U)){if(U>25||isNaN(U)){const C={instancePath:i+"/series/farDioptres",schemaPath:"\
#/properties/series/oneOf/3/properties/farDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?
r=[C]:r.push(C),e++}else if(U<-1||isNaN(U)){const C={instancePath:i+"/series/farDioptres",schemaPath:"#/properties/serie\
s/oneOf/3/properties/farDioptres/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[C]:r.push(C),
e++}}else{const C={instancePath:i+"/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/t\
ype",keyword:"type",params:{type:"number"}};r===null?r=[C]:r.push(C),e++}var q=G===e}else var q=!0;if(q)if(s.overlap!==void 0){
let U=s.overlap;const G=e;if(e===G)if(typeof U=="number"&&isFinite(U)){if(U>.8||isNaN(U)){const C={instancePath:i+"/seri\
es/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/maximum",keyword:"maximum",params:{comparison:"<=",
limit:.8}};r===null?r=[C]:r.push(C),e++}else if(U<0||isNaN(U)){const C={instancePath:i+"/series/overlap",schemaPath:"#/p\
roperties/series/oneOf/3/properties/overlap/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[C]:
r.push(C),e++}}else{const C={instancePath:i+"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap\
/type",keyword:"type",params:{type:"number"}};r===null?r=[C]:r.push(C),e++}var q=G===e}else var q=!0}}}}}}else{const H={
instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/3/type",keyword:"type",params:{type:"object"}};r===null?r=
[H]:r.push(H),e++}var P=m===e;if(P&&g)g=!1,V=[V,3];else{P&&(g=!0,V=3);const H=e;if(e===H)if(s&&typeof s=="object"&&!Array.
isArray(s)){let U;if(s.kind===void 0&&(U="kind")||s.everyS===void 0&&(U="everyS")||s.frames===void 0&&(U="frames")||s.exposure===
void 0&&(U="exposure")||s.lightS===void 0&&(U="lightS")){const G={instancePath:i+"/series",schemaPath:"#/properties/seri\
es/oneOf/4/required",keyword:"required",params:{missingProperty:U}};r===null?r=[G]:r.push(G),e++}else{const G=e;for(const O in s)
if(!(O==="kind"||O==="everyS"||O==="frames"||O==="exposure"||O==="lightS")){const C={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/4/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:O}};r===null?
r=[C]:r.push(C),e++;break}if(G===e){if(s.kind!==void 0){const O=e;if(s.kind!=="interval"){const C={instancePath:i+"/seri\
es/kind",schemaPath:"#/properties/series/oneOf/4/properties/kind/const",keyword:"const",params:{allowedValue:"interval"}};
r===null?r=[C]:r.push(C),e++}var _=O===e}else var _=!0;if(_){if(s.everyS!==void 0){let O=s.everyS;const C=e;if(!(typeof O==
"number"&&!(O%1)&&!isNaN(O)&&isFinite(O))){const z={instancePath:i+"/series/everyS",schemaPath:"#/properties/series/oneO\
f/4/properties/everyS/type",keyword:"type",params:{type:"integer"}};r===null?r=[z]:r.push(z),e++}if(e===C&&typeof O=="nu\
mber"&&isFinite(O)){if(O>3600||isNaN(O)){const z={instancePath:i+"/series/everyS",schemaPath:"#/properties/series/oneOf/\
4/properties/everyS/maximum",keyword:"maximum",params:{comparison:"<=",limit:3600}};r===null?r=[z]:r.push(z),e++}else if(O<
1||isNaN(O)){const z={instancePath:i+"/series/everyS",schemaPath:"#/properties/series/oneOf/4/properties/everyS/minimum",
keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[z]:r.push(z),e++}}var _=C===e}else var _=!0;if(_){if(s.frames!==
void 0){let O=s.frames;const C=e;if(!(typeof O=="number"&&!(O%1)&&!isNaN(O)&&isFinite(O))){const z={instancePath:i+"/ser\
ies/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[z]:r.push(z),e++}if(e===C&&typeof O=="number"&&isFinite(O)){if(O>999||isNaN(O)){const z={instancePath:i+"/series\
/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",limit:999}};
r===null?r=[z]:r.push(z),e++}else if(O<2||isNaN(O)){const z={instancePath:i+"/series/frames",schemaPath:"#/properties/se\
ries/oneOf/4/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:2}};r===null?r=[z]:r.push(z),e++}}
var _=C===e}else var _=!0;if(_){if(s.exposure!==void 0){let O=s.exposure;const C=e;if(!(O==="held"||O==="metered")){const z={
instancePath:i+"/series/exposure",schemaPath:"#/properties/series/oneOf/4/properties/exposure/enum",keyword:"enum",params:{
allowedValues:le.properties.series.oneOf[4].properties.exposure.enum}};r===null?r=[z]:r.push(z),e++}var _=C===e}else var _=!0;
if(_)if(s.lightS!==void 0){let O=s.lightS;const C=e;if(!(typeof O=="number"&&!(O%1)&&!isNaN(O)&&isFinite(O))){const z={instancePath:i+
"/series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/type",keyword:"type",params:{type:"integer"}};
r===null?r=[z]:r.push(z),e++}if(e===C&&typeof O=="number"&&isFinite(O)){if(O>86400||isNaN(O)){const z={instancePath:i+"/\
series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:86400}};r===null?r=[z]:r.push(z),e++}else if(O<0||isNaN(O)){const z={instancePath:i+"/series/lightS",schemaPath:"\
#/properties/series/oneOf/4/properties/lightS/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[z]:
r.push(z),e++}}var _=C===e}else var _=!0}}}}}}else{const U={instancePath:i+"/series",schemaPath:"#/properties/series/one\
Of/4/type",keyword:"type",params:{type:"object"}};r===null?r=[U]:r.push(U),e++}var P=H===e;if(P&&g)g=!1,V=[V,4];else{P&&
(g=!0,V=4);const U=e;if(e===U)if(s&&typeof s=="object"&&!Array.isArray(s)){let O;if(s.kind===void 0&&(O="kind")||s.totalS===
void 0&&(O="totalS")||s.gather===void 0&&(O="gather")){const C={instancePath:i+"/series",schemaPath:"#/properties/series\
/oneOf/5/required",keyword:"required",params:{missingProperty:O}};r===null?r=[C]:r.push(C),e++}else{const C=e;for(const w in s)
if(!(w==="kind"||w==="totalS"||w==="gather")){const z={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/5/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:w}};r===null?r=[z]:r.push(z),e++;break}if(C===
e){if(s.kind!==void 0){const w=e;if(s.kind!=="long"){const z={instancePath:i+"/series/kind",schemaPath:"#/properties/ser\
ies/oneOf/5/properties/kind/const",keyword:"const",params:{allowedValue:"long"}};r===null?r=[z]:r.push(z),e++}var Y=w===
e}else var Y=!0;if(Y){if(s.totalS!==void 0){let w=s.totalS;const z=e;if(!(typeof w=="number"&&!(w%1)&&!isNaN(w)&&isFinite(
w))){const T={instancePath:i+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/type",keyword:"t\
ype",params:{type:"integer"}};r===null?r=[T]:r.push(T),e++}if(e===z&&typeof w=="number"&&isFinite(w)){if(w>7200||isNaN(w)){
const T={instancePath:i+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:7200}};r===null?r=[T]:r.push(T),e++}else if(w<30||isNaN(w)){const T={instancePath:i+
"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:30}};r===null?r=[T]:r.push(T),e++}}var Y=z===e}else var Y=!0;if(Y)if(s.gather!==void 0){let w=s.gather;const z=e;
if(!(w==="mean"||w==="sum"||w==="brightest")){const T={instancePath:i+"/series/gather",schemaPath:"#/properties/series/o\
neOf/5/properties/gather/enum",keyword:"enum",params:{allowedValues:le.properties.series.oneOf[5].properties.gather.enum}};
r===null?r=[T]:r.push(T),e++}var Y=z===e}else var Y=!0}}}}else{const O={instancePath:i+"/series",schemaPath:"#/propertie\
s/series/oneOf/5/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var P=U===e;P&&g?(g=!1,V=[V,5]):
P&&(g=!0,V=5)}}}}if(g)e=N,r!==null&&(N?r.length=N:r=null);else{const o={instancePath:i+"/series",schemaPath:"#/propertie\
s/series/oneOf",keyword:"oneOf",params:{passingSchemas:V}};return r===null?r=[o]:r.push(o),e++,M.errors=r,!1}var n=c===e}else
var n=!0;if(n)if(t.delayS!==void 0){let s=t.delayS;const c=e;if(!(s===0||s===2||s===3||s===10||s===20))return M.errors=[
{instancePath:i+"/delayS",schemaPath:"#/properties/delayS/enum",keyword:"enum",params:{allowedValues:le.properties.delayS.
enum}}],!1;var n=c===e}else var n=!0}}}}}}}}}}}}}}}}}}}}}}}}else return M.errors=[{instancePath:i,schemaPath:"#/type",keyword:"\
type",params:{type:"object"}}],!1;return M.errors=r,e===0}const Ce=Q,ne={$id:"velmo/preferences/7",type:"object",properties:{
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
naming","delaySound","lightAhead"],additionalProperties:!1},xe=require("ajv/dist/runtime/equal").default,oe=require("ajv/dist/runtime/ucs2length").
default;function Q(t,{instancePath:i="",parentData:he,parentDataProperty:ye,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&
typeof t=="object"&&!Array.isArray(t)){let y;if(t.version===void 0&&(y="version")||t.compStepClicks===void 0&&(y="compSt\
epClicks")||t.monitors===void 0&&(y="monitors")||t.aids===void 0&&(y="aids")||t.screen===void 0&&(y="screen")||t.focusing===
void 0&&(y="focusing")||t.naming===void 0&&(y="naming")||t.delaySound===void 0&&(y="delaySound")||t.lightAhead===void 0&&
(y="lightAhead"))return Q.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",params:{missingProperty:y}}],
!1;{const K=e;for(const f in t)if(!we.call(ne.properties,f)){return Q.errors=[{instancePath:i,schemaPath:"#/additionalPr\
operties",keyword:"additionalProperties",params:{additionalProperty:f}}],!1;break}if(K===e){if(t.version!==void 0){const f=e;
if(t.version!==7)return Q.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:7}}],!1;var n=f===e}else var n=!0;if(n){if(t.compStepClicks!==void 0){let f=t.compStepClicks;const d=e;if(!(f===
1||f===1.5||f===3))return Q.errors=[{instancePath:i+"/compStepClicks",schemaPath:"#/properties/compStepClicks/enum",keyword:"\
enum",params:{allowedValues:ne.properties.compStepClicks.enum}}],!1;var n=d===e}else var n=!0;if(n){if(t.monitors!==void 0){
let f=t.monitors;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){let l;if(f.over===void 0&&(l="over")||f.
overColour===void 0&&(l="overColour")||f.under===void 0&&(l="under")||f.zebra===void 0&&(l="zebra")||f.toneClicks===void 0&&
(l="toneClicks")||f.rawHistogram===void 0&&(l="rawHistogram")||f.logHeight===void 0&&(l="logHeight")||f.pictureHistogram===
void 0&&(l="pictureHistogram")||f.allowedShare===void 0&&(l="allowedShare")||f.peaking===void 0&&(l="peaking")||f.peakingStrength===
void 0&&(l="peakingStrength")||f.peakingColour===void 0&&(l="peakingColour"))return Q.errors=[{instancePath:i+"/monitors",
schemaPath:"#/properties/monitors/required",keyword:"required",params:{missingProperty:l}}],!1;{const j=e;for(const p in f)
if(!we.call(ne.properties.monitors.properties,p)){return Q.errors=[{instancePath:i+"/monitors",schemaPath:"#/properties/\
monitors/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(j===e){if(f.over!==
void 0){let p=f.over;const P=e;if(!(p==="any"||p==="red"||p==="green"||p==="blue"||p==="off"))return Q.errors=[{instancePath:i+
"/monitors/over",schemaPath:"#/properties/monitors/properties/over/enum",keyword:"enum",params:{allowedValues:ne.properties.
monitors.properties.over.enum}}],!1;var x=P===e}else var x=!0;if(x){if(f.overColour!==void 0){let p=f.overColour;const P=e;
if(!(p==="pink"||p==="white"||p==="black"))return Q.errors=[{instancePath:i+"/monitors/overColour",schemaPath:"#/propert\
ies/monitors/properties/overColour/enum",keyword:"enum",params:{allowedValues:ne.properties.monitors.properties.overColour.
enum}}],!1;var x=P===e}else var x=!0;if(x){if(f.under!==void 0){const p=e;if(typeof f.under!="boolean")return Q.errors=[
{instancePath:i+"/monitors/under",schemaPath:"#/properties/monitors/properties/under/type",keyword:"type",params:{type:"\
boolean"}}],!1;var x=p===e}else var x=!0;if(x){if(f.zebra!==void 0){let p=f.zebra;const P=e,Z=e;let q=!1,E=null;const se=e;
if(p!==null){const a={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/0/type",
keyword:"type",params:{type:"null"}};r===null?r=[a]:r.push(a),e++}var L=se===e;L&&(q=!0,E=0);const _=e;if(e===_)if(p&&typeof p==
"object"&&!Array.isArray(p)){let a;if(p.on===void 0&&(a="on")||p.clicksUnder===void 0&&(a="clicksUnder")){const S={instancePath:i+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/required",keyword:"required",params:{missingProperty:a}};
r===null?r=[S]:r.push(S),e++}else{const S=e;for(const s in p)if(!(s==="on"||s==="clicksUnder")){const c={instancePath:i+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/additionalProperties",keyword:"additionalPr\
operties",params:{additionalProperty:s}};r===null?r=[c]:r.push(c),e++;break}if(S===e){if(p.on!==void 0){const s=e;if(p.on!==
"raw"){const c={instancePath:i+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/propertie\
s/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?r=[c]:r.push(c),e++}var F=s===e}else var F=!0;if(F)if(p.
clicksUnder!==void 0){let s=p.clicksUnder;const c=e;if(!(typeof s=="number"&&!(s%1)&&!isNaN(s)&&isFinite(s))){const g={instancePath:i+
"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"\
type",params:{type:"integer"}};r===null?r=[g]:r.push(g),e++}if(e===c&&typeof s=="number"&&isFinite(s)){if(s>9||isNaN(s)){
const g={instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/propert\
ies/clicksUnder/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[g]:r.push(g),e++}else if(s<0||isNaN(
s)){const g={instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/pro\
perties/clicksUnder/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[g]:r.push(g),e++}}var F=c===
e}else var F=!0}}}else{const a={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/1/type",keyword:"type",params:{type:"object"}};r===null?r=[a]:r.push(a),e++}var L=_===e;if(L&&q)q=!1,E=[E,1];else{L&&(q=
!0,E=1);const a=e;if(e===a)if(p&&typeof p=="object"&&!Array.isArray(p)){let s;if(p.on===void 0&&(s="on")||p.percent===void 0&&
(s="percent")){const c={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/requ\
ired",keyword:"required",params:{missingProperty:s}};r===null?r=[c]:r.push(c),e++}else{const c=e;for(const N in p)if(!(N===
"on"||N==="percent")){const g={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf\
/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:N}};r===null?r=[g]:r.push(g),e++;break}
if(c===e){if(p.on!==void 0){const N=e;if(p.on!=="picture"){const g={instancePath:i+"/monitors/zebra/on",schemaPath:"#/pr\
operties/monitors/properties/zebra/oneOf/2/properties/on/const",keyword:"const",params:{allowedValue:"picture"}};r===null?
r=[g]:r.push(g),e++}var X=N===e}else var X=!0;if(X)if(p.percent!==void 0){let N=p.percent;const g=e;if(!(typeof N=="numb\
er"&&!(N%1)&&!isNaN(N)&&isFinite(N))){const B={instancePath:i+"/monitors/zebra/percent",schemaPath:"#/properties/monitor\
s/properties/zebra/oneOf/2/properties/percent/type",keyword:"type",params:{type:"integer"}};r===null?r=[B]:r.push(B),e++}
if(e===g&&typeof N=="number"&&isFinite(N)){if(N>109||isNaN(N)){const B={instancePath:i+"/monitors/zebra/percent",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/2/properties/percent/maximum",keyword:"maximum",params:{comparison:"<=",limit:109}};
r===null?r=[B]:r.push(B),e++}else if(N<70||isNaN(N)){const B={instancePath:i+"/monitors/zebra/percent",schemaPath:"#/pro\
perties/monitors/properties/zebra/oneOf/2/properties/percent/minimum",keyword:"minimum",params:{comparison:">=",limit:70}};
r===null?r=[B]:r.push(B),e++}}var X=g===e}else var X=!0}}}else{const s={instancePath:i+"/monitors/zebra",schemaPath:"#/p\
roperties/monitors/properties/zebra/oneOf/2/type",keyword:"type",params:{type:"object"}};r===null?r=[s]:r.push(s),e++}var L=a===
e;L&&q?(q=!1,E=[E,2]):L&&(q=!0,E=2)}if(q)e=Z,r!==null&&(Z?r.length=Z:r=null);else{const a={instancePath:i+"/monitors/zeb\
ra",schemaPath:"#/properties/monitors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:E}};return r===null?
r=[a]:r.push(a),e++,Q.errors=r,!1}var x=P===e}else var x=!0;if(x){if(f.toneClicks!==void 0){let p=f.toneClicks;const P=e;
if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p))&&p!==null)return Q.errors=[{instancePath:i+"/monitors/toneClick\
s",schemaPath:"#/properties/monitors/properties/toneClicks/type",keyword:"type",params:{type:ne.properties.monitors.properties.
toneClicks.type}}],!1;if(e===P&&typeof p=="number"&&isFinite(p)){if(p>9||isNaN(p))return Q.errors=[{instancePath:i+"/mon\
itors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}}],!1;if(p<-18||isNaN(p))return Q.errors=[{instancePath:i+"/monitors/toneClicks",schemaPath:"#/properties/mo\
nitors/properties/toneClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var x=P===e}else var x=!0;
if(x){if(f.rawHistogram!==void 0){let p=f.rawHistogram;const P=e;if(!(p==="off"||p==="small"||p==="large"))return Q.errors=
[{instancePath:i+"/monitors/rawHistogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",
params:{allowedValues:ne.properties.monitors.properties.rawHistogram.enum}}],!1;var x=P===e}else var x=!0;if(x){if(f.logHeight!==
void 0){const p=e;if(typeof f.logHeight!="boolean")return Q.errors=[{instancePath:i+"/monitors/logHeight",schemaPath:"#/\
properties/monitors/properties/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var x=p===e}else var x=!0;if(x){
if(f.pictureHistogram!==void 0){const p=e;if(typeof f.pictureHistogram!="boolean")return Q.errors=[{instancePath:i+"/mon\
itors/pictureHistogram",schemaPath:"#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"\
boolean"}}],!1;var x=p===e}else var x=!0;if(x){if(f.allowedShare!==void 0){let p=f.allowedShare;const P=e;if(!(p===0||p===
.001||p===.005||p===.02))return Q.errors=[{instancePath:i+"/monitors/allowedShare",schemaPath:"#/properties/monitors/pro\
perties/allowedShare/enum",keyword:"enum",params:{allowedValues:ne.properties.monitors.properties.allowedShare.enum}}],!1;
var x=P===e}else var x=!0;if(x){if(f.peaking!==void 0){let p=f.peaking;const P=e;if(!(p==="focusing"||p==="always"||p===
"off"))return Q.errors=[{instancePath:i+"/monitors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",keyword:"\
enum",params:{allowedValues:ne.properties.monitors.properties.peaking.enum}}],!1;var x=P===e}else var x=!0;if(x){if(f.peakingStrength!==
void 0){let p=f.peakingStrength;const P=e;if(!(p==="low"||p==="medium"||p==="high"))return Q.errors=[{instancePath:i+"/m\
onitors/peakingStrength",schemaPath:"#/properties/monitors/properties/peakingStrength/enum",keyword:"enum",params:{allowedValues:ne.
properties.monitors.properties.peakingStrength.enum}}],!1;var x=P===e}else var x=!0;if(x)if(f.peakingColour!==void 0){let p=f.
peakingColour;const P=e;if(!(p==="violet"||p==="white"||p==="blue"))return Q.errors=[{instancePath:i+"/monitors/peakingC\
olour",schemaPath:"#/properties/monitors/properties/peakingColour/enum",keyword:"enum",params:{allowedValues:ne.properties.
monitors.properties.peakingColour.enum}}],!1;var x=P===e}else var x=!0}}}}}}}}}}}}}else return Q.errors=[{instancePath:i+
"/monitors",schemaPath:"#/properties/monitors/type",keyword:"type",params:{type:"object"}}],!1;var n=d===e}else var n=!0;
if(n){if(t.aids!==void 0){let f=t.aids;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){let l;if(f.grid===
void 0&&(l="grid")||f.frame===void 0&&(l="frame")||f.level===void 0&&(l="level")||f.caption===void 0&&(l="caption")||f.strength===
void 0&&(l="strength"))return Q.errors=[{instancePath:i+"/aids",schemaPath:"#/properties/aids/required",keyword:"require\
d",params:{missingProperty:l}}],!1;{const j=e;for(const p in f)if(!(p==="grid"||p==="frame"||p==="level"||p==="caption"||
p==="strength")){return Q.errors=[{instancePath:i+"/aids",schemaPath:"#/properties/aids/additionalProperties",keyword:"a\
dditionalProperties",params:{additionalProperty:p}}],!1;break}if(j===e){if(f.grid!==void 0){let p=f.grid;const P=e;if(!(p===
"thirds"||p==="golden"||p==="diagonals"||p==="squares"||p==="cross"||p==="off"))return Q.errors=[{instancePath:i+"/aids/\
grid",schemaPath:"#/properties/aids/properties/grid/enum",keyword:"enum",params:{allowedValues:ne.properties.aids.properties.
grid.enum}}],!1;var D=P===e}else var D=!0;if(D){if(f.frame!==void 0){let p=f.frame;const P=e;if(!(p==="1:1"||p==="5:4"||
p==="3:2"||p==="16:9"||p==="2:1"||p==="off"))return Q.errors=[{instancePath:i+"/aids/frame",schemaPath:"#/properties/aid\
s/properties/frame/enum",keyword:"enum",params:{allowedValues:ne.properties.aids.properties.frame.enum}}],!1;var D=P===e}else
var D=!0;if(D){if(f.level!==void 0){const p=e;if(typeof f.level!="boolean")return Q.errors=[{instancePath:i+"/aids/level",
schemaPath:"#/properties/aids/properties/level/type",keyword:"type",params:{type:"boolean"}}],!1;var D=p===e}else var D=!0;
if(D){if(f.caption!==void 0){let p=f.caption;const P=e;if(e===P)if(Array.isArray(p)){var A=!0;const q=p.length;for(let E=0;E<
q;E++){let se=p[E];const _=e;if(!(se==="exposure"||se==="light"||se==="focus"||se==="white"||se==="lens"||se==="tilt"))return Q.
errors=[{instancePath:i+"/aids/caption/"+E,schemaPath:"#/properties/aids/properties/caption/items/enum",keyword:"enum",params:{
allowedValues:ne.properties.aids.properties.caption.items.enum}}],!1;var A=_===e;if(!A)break}if(A){let E=p.length,se;if(E>
1){e:for(;E--;)for(se=E;se--;)if(xe(p[E],p[se])){return Q.errors=[{instancePath:i+"/aids/caption",schemaPath:"#/properti\
es/aids/properties/caption/uniqueItems",keyword:"uniqueItems",params:{i:E,j:se}}],!1;break e}}}}else return Q.errors=[{instancePath:i+
"/aids/caption",schemaPath:"#/properties/aids/properties/caption/type",keyword:"type",params:{type:"array"}}],!1;var D=P===
e}else var D=!0;if(D)if(f.strength!==void 0){let p=f.strength;const P=e;if(!(p==="faint"||p==="middle"||p==="strong"))return Q.
errors=[{instancePath:i+"/aids/strength",schemaPath:"#/properties/aids/properties/strength/enum",keyword:"enum",params:{
allowedValues:ne.properties.aids.properties.strength.enum}}],!1;var D=P===e}else var D=!0}}}}}}else return Q.errors=[{instancePath:i+
"/aids",schemaPath:"#/properties/aids/type",keyword:"type",params:{type:"object"}}],!1;var n=d===e}else var n=!0;if(n){if(t.
screen!==void 0){let f=t.screen;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){let l;if(f.plate===void 0&&
(l="plate")||f.type===void 0&&(l="type")||f.awake===void 0&&(l="awake")||f.hand===void 0&&(l="hand")||f.shutterSound===void 0&&
(l="shutterSound")||f.haptics===void 0&&(l="haptics"))return Q.errors=[{instancePath:i+"/screen",schemaPath:"#/propertie\
s/screen/required",keyword:"required",params:{missingProperty:l}}],!1;{const j=e;for(const p in f)if(!(p==="plate"||p===
"type"||p==="awake"||p==="hand"||p==="shutterSound"||p==="haptics")){return Q.errors=[{instancePath:i+"/screen",schemaPath:"\
#/properties/screen/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(j===
e){if(f.plate!==void 0){let p=f.plate;const P=e;if(!(p==="graphite"||p==="sunlight"||p==="night"))return Q.errors=[{instancePath:i+
"/screen/plate",schemaPath:"#/properties/screen/properties/plate/enum",keyword:"enum",params:{allowedValues:ne.properties.
screen.properties.plate.enum}}],!1;var $=P===e}else var $=!0;if($){if(f.type!==void 0){let p=f.type;const P=e;if(!(p==="\
usual"||p==="large"))return Q.errors=[{instancePath:i+"/screen/type",schemaPath:"#/properties/screen/properties/type/enu\
m",keyword:"enum",params:{allowedValues:ne.properties.screen.properties.type.enum}}],!1;var $=P===e}else var $=!0;if($){
if(f.awake!==void 0){const p=e;if(typeof f.awake!="boolean")return Q.errors=[{instancePath:i+"/screen/awake",schemaPath:"\
#/properties/screen/properties/awake/type",keyword:"type",params:{type:"boolean"}}],!1;var $=p===e}else var $=!0;if($){if(f.
hand!==void 0){let p=f.hand;const P=e;if(!(p==="right"||p==="left"))return Q.errors=[{instancePath:i+"/screen/hand",schemaPath:"\
#/properties/screen/properties/hand/enum",keyword:"enum",params:{allowedValues:ne.properties.screen.properties.hand.enum}}],
!1;var $=P===e}else var $=!0;if($){if(f.shutterSound!==void 0){const p=e;if(typeof f.shutterSound!="boolean")return Q.errors=
[{instancePath:i+"/screen/shutterSound",schemaPath:"#/properties/screen/properties/shutterSound/type",keyword:"type",params:{
type:"boolean"}}],!1;var $=p===e}else var $=!0;if($)if(f.haptics!==void 0){const p=e;if(typeof f.haptics!="boolean")return Q.
errors=[{instancePath:i+"/screen/haptics",schemaPath:"#/properties/screen/properties/haptics/type",keyword:"type",params:{
type:"boolean"}}],!1;var $=p===e}else var $=!0}}}}}}}else return Q.errors=[{instancePath:i+"/screen",schemaPath:"#/prope\
rties/screen/type",keyword:"type",params:{type:"object"}}],!1;var n=d===e}else var n=!0;if(n){if(t.focusing!==void 0){let f=t.
focusing;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){let l;if(f.unit===void 0&&(l="unit")||f.loupeZoom===
void 0&&(l="loupeZoom")||f.loupeWithFocus===void 0&&(l="loupeWithFocus")||f.beforeCapture===void 0&&(l="beforeCapture"))
return Q.errors=[{instancePath:i+"/focusing",schemaPath:"#/properties/focusing/required",keyword:"required",params:{missingProperty:l}}],
!1;{const j=e;for(const p in f)if(!(p==="unit"||p==="loupeZoom"||p==="loupeWithFocus"||p==="beforeCapture")){return Q.errors=
[{instancePath:i+"/focusing",schemaPath:"#/properties/focusing/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:p}}],!1;break}if(j===e){if(f.unit!==void 0){let p=f.unit;const P=e;if(!(p==="m"||p==="ft"))return Q.errors=
[{instancePath:i+"/focusing/unit",schemaPath:"#/properties/focusing/properties/unit/enum",keyword:"enum",params:{allowedValues:ne.
properties.focusing.properties.unit.enum}}],!1;var b=P===e}else var b=!0;if(b){if(f.loupeZoom!==void 0){let p=f.loupeZoom;
const P=e;if(!(p===1||p===2))return Q.errors=[{instancePath:i+"/focusing/loupeZoom",schemaPath:"#/properties/focusing/pr\
operties/loupeZoom/enum",keyword:"enum",params:{allowedValues:ne.properties.focusing.properties.loupeZoom.enum}}],!1;var b=P===
e}else var b=!0;if(b){if(f.loupeWithFocus!==void 0){const p=e;if(typeof f.loupeWithFocus!="boolean")return Q.errors=[{instancePath:i+
"/focusing/loupeWithFocus",schemaPath:"#/properties/focusing/properties/loupeWithFocus/type",keyword:"type",params:{type:"\
boolean"}}],!1;var b=p===e}else var b=!0;if(b)if(f.beforeCapture!==void 0){const p=e;if(typeof f.beforeCapture!="boolean")
return Q.errors=[{instancePath:i+"/focusing/beforeCapture",schemaPath:"#/properties/focusing/properties/beforeCapture/ty\
pe",keyword:"type",params:{type:"boolean"}}],!1;var b=p===e}else var b=!0}}}}}else return Q.errors=[{instancePath:i+"/fo\
cusing",schemaPath:"#/properties/focusing/type",keyword:"type",params:{type:"object"}}],!1;var n=d===e}else var n=!0;if(n){
if(t.delaySound!==void 0){const f=e;if(typeof t.delaySound!="boolean")return Q.errors=[{instancePath:i+"/delaySound",schemaPath:"\
#/properties/delaySound/type",keyword:"type",params:{type:"boolean"}}],!1;var n=f===e}else var n=!0;if(n){if(t.lightAhead!==
void 0){let f=t.lightAhead;const d=e;if(!(f==="fitting"||f==="always"||f==="never"))return Q.errors=[{instancePath:i+"/l\
ightAhead",schemaPath:"#/properties/lightAhead/enum",keyword:"enum",params:{allowedValues:ne.properties.lightAhead.enum}}],
!1;var n=d===e}else var n=!0;if(n)if(t.naming!==void 0){let f=t.naming;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.
isArray(f)){let l;if(f.pattern===void 0&&(l="pattern")||f.count===void 0&&(l="count"))return Q.errors=[{instancePath:i+"\
/naming",schemaPath:"#/properties/naming/required",keyword:"required",params:{missingProperty:l}}],!1;{const j=e;for(const p in f)
if(!(p==="pattern"||p==="count")){return Q.errors=[{instancePath:i+"/naming",schemaPath:"#/properties/naming/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(j===e){if(f.pattern!==void 0){let p=f.
pattern;const P=e;if(e===P)if(typeof p=="string"){if(oe(p)>80)return Q.errors=[{instancePath:i+"/naming/pattern",schemaPath:"\
#/properties/naming/properties/pattern/maxLength",keyword:"maxLength",params:{limit:80}}],!1}else return Q.errors=[{instancePath:i+
"/naming/pattern",schemaPath:"#/properties/naming/properties/pattern/type",keyword:"type",params:{type:"string"}}],!1;var J=P===
e}else var J=!0;if(J)if(f.count!==void 0){let p=f.count;const P=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p)))
return Q.errors=[{instancePath:i+"/naming/count",schemaPath:"#/properties/naming/properties/count/type",keyword:"type",params:{
type:"integer"}}],!1;if(e===P&&typeof p=="number"&&isFinite(p)){if(p>1e9||isNaN(p))return Q.errors=[{instancePath:i+"/na\
ming/count",schemaPath:"#/properties/naming/properties/count/maximum",keyword:"maximum",params:{comparison:"<=",limit:1e9}}],
!1;if(p<1||isNaN(p))return Q.errors=[{instancePath:i+"/naming/count",schemaPath:"#/properties/naming/properties/count/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var J=P===e}else var J=!0}}}else return Q.errors=[{instancePath:i+
"/naming",schemaPath:"#/properties/naming/type",keyword:"type",params:{type:"object"}}],!1;var n=d===e}else var n=!0}}}}}}}}}}else
return Q.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return Q.errors=r,e===0}
const Le=W,ue={$id:"velmo/frame/2",type:"object",properties:{version:{const:2},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
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
_e=new RegExp("^[a-z0-9-]{8,64}$","u");function W(t,{instancePath:i="",parentData:he,parentDataProperty:ye,rootData:de=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let _;if(t.version===void 0&&(_="version")||t.id===
void 0&&(_="id")||t.capturedAt===void 0&&(_="capturedAt")||t.camera===void 0&&(_="camera")||t.place===void 0&&(_="place")||
t.origin===void 0&&(_="origin")||t.timeS===void 0&&(_="timeS")||t.iso===void 0&&(_="iso")||t.compClicks===void 0&&(_="co\
mpClicks")||t.lens===void 0&&(_="lens")||t.focusDioptres===void 0&&(_="focusDioptres")||t.white===void 0&&(_="white")||t.
clippedShare===void 0&&(_="clippedShare")||t.width===void 0&&(_="width")||t.height===void 0&&(_="height")||t.average===void 0&&
(_="average")||t.roll===void 0&&(_="roll")||t.stem===void 0&&(_="stem")||t.series===void 0&&(_="series")||t.files===void 0&&
(_="files"))return W.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",params:{missingProperty:_}}],!1;
{const Y=e;for(const a in t)if(!we.call(ue.properties,a)){return W.errors=[{instancePath:i,schemaPath:"#/additionalPrope\
rties",keyword:"additionalProperties",params:{additionalProperty:a}}],!1;break}if(Y===e){if(t.version!==void 0){const a=e;
if(t.version!==2)return W.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:2}}],!1;var n=a===e}else var n=!0;if(n){if(t.id!==void 0){let a=t.id;const S=e;if(e===S)if(typeof a=="strin\
g"){if(!_e.test(a))return W.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return W.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var n=S===e}else var n=!0;if(n){if(t.capturedAt!==void 0){let a=t.capturedAt;const S=e;
if(e===S)if(typeof a=="number"&&isFinite(a)){if(a<0||isNaN(a))return W.errors=[{instancePath:i+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return W.errors=[{instancePath:i+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var n=S===e}else var n=!0;
if(n){if(t.camera!==void 0){let a=t.camera;const S=e;if(!(a==="simulated"||a==="browser"||a==="file"))return W.errors=[{
instancePath:i+"/camera",schemaPath:"#/properties/camera/enum",keyword:"enum",params:{allowedValues:ue.properties.camera.
enum}}],!1;var n=S===e}else var n=!0;if(n){if(t.place!==void 0){let a=t.place;const S=e;if(e===S)if(typeof a=="string"){
if(oe(a)>200)return W.errors=[{instancePath:i+"/place",schemaPath:"#/properties/place/maxLength",keyword:"maxLength",params:{
limit:200}}],!1}else return W.errors=[{instancePath:i+"/place",schemaPath:"#/properties/place/type",keyword:"type",params:{
type:"string"}}],!1;var n=S===e}else var n=!0;if(n){if(t.origin!==void 0){let a=t.origin;const S=e;if(!(a==="raw"||a==="\
video-frame"||a==="photo"||a==="photo-remade"||a==="average"||a==="opened"||a==="combined"))return W.errors=[{instancePath:i+
"/origin",schemaPath:"#/properties/origin/enum",keyword:"enum",params:{allowedValues:ue.properties.origin.enum}}],!1;var n=S===
e}else var n=!0;if(n){if(t.timeS!==void 0){let a=t.timeS;const S=e;if(!(typeof a=="number"&&isFinite(a))&&a!==null)return W.
errors=[{instancePath:i+"/timeS",schemaPath:"#/properties/timeS/type",keyword:"type",params:{type:ue.properties.timeS.type}}],
!1;var n=S===e}else var n=!0;if(n){if(t.iso!==void 0){let a=t.iso;const S=e;if(!(typeof a=="number"&&isFinite(a))&&a!==null)
return W.errors=[{instancePath:i+"/iso",schemaPath:"#/properties/iso/type",keyword:"type",params:{type:ue.properties.iso.
type}}],!1;var n=S===e}else var n=!0;if(n){if(t.compClicks!==void 0){let a=t.compClicks;const S=e;if(!(typeof a=="number"&&
isFinite(a))&&a!==null)return W.errors=[{instancePath:i+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"\
type",params:{type:ue.properties.compClicks.type}}],!1;var n=S===e}else var n=!0;if(n){if(t.lens!==void 0){let a=t.lens;
const S=e;if(typeof a!="string"&&a!==null)return W.errors=[{instancePath:i+"/lens",schemaPath:"#/properties/lens/type",keyword:"\
type",params:{type:ue.properties.lens.type}}],!1;if(e===S&&typeof a=="string"&&oe(a)>64)return W.errors=[{instancePath:i+
"/lens",schemaPath:"#/properties/lens/maxLength",keyword:"maxLength",params:{limit:64}}],!1;var n=S===e}else var n=!0;if(n){
if(t.focusDioptres!==void 0){let a=t.focusDioptres;const S=e;if(!(typeof a=="number"&&isFinite(a))&&a!==null)return W.errors=
[{instancePath:i+"/focusDioptres",schemaPath:"#/properties/focusDioptres/type",keyword:"type",params:{type:ue.properties.
focusDioptres.type}}],!1;var n=S===e}else var n=!0;if(n){if(t.white!==void 0){let a=t.white;const S=e,s=e;let c=!1,N=null;
const g=e;if(a!==null){const k={instancePath:i+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{
type:"null"}};r===null?r=[k]:r.push(k),e++}var F=g===e;F&&(c=!0,N=0);const V=e;if(e===V)if(a&&typeof a=="object"&&!Array.
isArray(a)){let k;if(a.kelvin===void 0&&(k="kelvin")||a.tint===void 0&&(k="tint")){const re={instancePath:i+"/white",schemaPath:"\
#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:k}};r===null?r=[re]:r.push(re),e++}else{
const re=e;for(const o in a)if(!(o==="kelvin"||o==="tint")){const v={instancePath:i+"/white",schemaPath:"#/properties/wh\
ite/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[v]:r.push(v),
e++;break}if(re===e){if(a.kelvin!==void 0){let o=a.kelvin;const v=e;if(!(typeof o=="number"&&isFinite(o))){const m={instancePath:i+
"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===
null?r=[m]:r.push(m),e++}var x=v===e}else var x=!0;if(x)if(a.tint!==void 0){let o=a.tint;const v=e;if(!(typeof o=="numbe\
r"&&isFinite(o))){const u={instancePath:i+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/type",keyword:"\
type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var x=v===e}else var x=!0}}}else{const k={instancePath:i+"/wh\
ite",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[k]:r.push(k),e++}var F=V===
e;if(F&&c?(c=!1,N=[N,1]):F&&(c=!0,N=1),c)e=s,r!==null&&(s?r.length=s:r=null);else{const k={instancePath:i+"/white",schemaPath:"\
#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:N}};return r===null?r=[k]:r.push(k),e++,W.errors=r,!1}var n=S===
e}else var n=!0;if(n){if(t.clippedShare!==void 0){let a=t.clippedShare;const S=e,s=e;let c=!1,N=null;const g=e;if(a!==null){
const k={instancePath:i+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/0/type",keyword:"type",params:{type:"\
null"}};r===null?r=[k]:r.push(k),e++}var X=g===e;X&&(c=!0,N=0);const V=e;if(e===V)if(Array.isArray(a))if(a.length>3){const k={
instancePath:i+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};
r===null?r=[k]:r.push(k),e++}else if(a.length<3){const k={instancePath:i+"/clippedShare",schemaPath:"#/properties/clippe\
dShare/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[k]:r.push(k),e++}else{var L=!0;const k=a.length;
for(let re=0;re<k;re++){let o=a[re];const v=e;if(e===v)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const u={instancePath:i+
"/clippedShare/"+re,schemaPath:"#/properties/clippedShare/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<\
=",limit:1}};r===null?r=[u]:r.push(u),e++}else if(o<0||isNaN(o)){const u={instancePath:i+"/clippedShare/"+re,schemaPath:"\
#/properties/clippedShare/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[u]:r.push(
u),e++}}else{const u={instancePath:i+"/clippedShare/"+re,schemaPath:"#/properties/clippedShare/oneOf/1/items/type",keyword:"\
type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var L=v===e;if(!L)break}}else{const k={instancePath:i+"/clipp\
edShare",schemaPath:"#/properties/clippedShare/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[k]:r.push(
k),e++}var X=V===e;if(X&&c?(c=!1,N=[N,1]):X&&(c=!0,N=1),c)e=s,r!==null&&(s?r.length=s:r=null);else{const k={instancePath:i+
"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf",keyword:"oneOf",params:{passingSchemas:N}};return r===null?
r=[k]:r.push(k),e++,W.errors=r,!1}var n=S===e}else var n=!0;if(n){if(t.width!==void 0){let a=t.width;const S=e;if(!(typeof a==
"number"&&!(a%1)&&!isNaN(a)&&isFinite(a)))return W.errors=[{instancePath:i+"/width",schemaPath:"#/properties/width/type",
keyword:"type",params:{type:"integer"}}],!1;if(e===S&&typeof a=="number"&&isFinite(a)&&(a<0||isNaN(a)))return W.errors=[
{instancePath:i+"/width",schemaPath:"#/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;
var n=S===e}else var n=!0;if(n){if(t.height!==void 0){let a=t.height;const S=e;if(!(typeof a=="number"&&!(a%1)&&!isNaN(a)&&
isFinite(a)))return W.errors=[{instancePath:i+"/height",schemaPath:"#/properties/height/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===S&&typeof a=="number"&&isFinite(a)&&(a<0||isNaN(a)))return W.errors=[{instancePath:i+"/height",schemaPath:"\
#/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;var n=S===e}else var n=!0;if(n){if(t.
average!==void 0){let a=t.average;const S=e,s=e;let c=!1,N=null;const g=e;if(a!==null){const k={instancePath:i+"/average",
schemaPath:"#/properties/average/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[k]:r.push(k),e++}var A=g===
e;A&&(c=!0,N=0);const V=e;if(e===V)if(a&&typeof a=="object"&&!Array.isArray(a)){let k;if(a.frames===void 0&&(k="frames")||
a.timesLess===void 0&&(k="timesLess")){const re={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/requ\
ired",keyword:"required",params:{missingProperty:k}};r===null?r=[re]:r.push(re),e++}else{const re=e;for(const o in a)if(!(o===
"frames"||o==="timesLess")){const v={instancePath:i+"/average",schemaPath:"#/properties/average/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[v]:r.push(v),e++;break}if(re===e){if(a.frames!==
void 0){let o=a.frames;const v=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const m={instancePath:i+"/ave\
rage/frames",schemaPath:"#/properties/average/oneOf/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[m]:r.push(m),e++}if(e===v&&typeof o=="number"&&isFinite(o)&&(o<1||isNaN(o))){const m={instancePath:i+"/average/f\
rames",schemaPath:"#/properties/average/oneOf/1/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};
r===null?r=[m]:r.push(m),e++}var D=v===e}else var D=!0;if(D)if(a.timesLess!==void 0){let o=a.timesLess;const v=e;if(!(typeof o==
"number"&&isFinite(o))&&o!==null){const u={instancePath:i+"/average/timesLess",schemaPath:"#/properties/average/oneOf/1/\
properties/timesLess/type",keyword:"type",params:{type:ue.properties.average.oneOf[1].properties.timesLess.type}};r===null?
r=[u]:r.push(u),e++}var D=v===e}else var D=!0}}}else{const k={instancePath:i+"/average",schemaPath:"#/properties/average\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[k]:r.push(k),e++}var A=V===e;if(A&&c?(c=!1,N=[N,1]):A&&
(c=!0,N=1),c)e=s,r!==null&&(s?r.length=s:r=null);else{const k={instancePath:i+"/average",schemaPath:"#/properties/averag\
e/oneOf",keyword:"oneOf",params:{passingSchemas:N}};return r===null?r=[k]:r.push(k),e++,W.errors=r,!1}var n=S===e}else var n=!0;
if(n){if(t.roll!==void 0){let a=t.roll;const S=e;if(e===S)if(typeof a=="string"){if(oe(a)>200)return W.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return W.errors=[{instancePath:i+
"/roll",schemaPath:"#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var n=S===e}else var n=!0;if(n){if(t.
stem!==void 0){let a=t.stem;const S=e;if(e===S)if(typeof a=="string"){if(oe(a)>160)return W.errors=[{instancePath:i+"/st\
em",schemaPath:"#/properties/stem/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(oe(a)<1)return W.errors=[{instancePath:i+
"/stem",schemaPath:"#/properties/stem/minLength",keyword:"minLength",params:{limit:1}}],!1}else return W.errors=[{instancePath:i+
"/stem",schemaPath:"#/properties/stem/type",keyword:"type",params:{type:"string"}}],!1;var n=S===e}else var n=!0;if(n){if(t.
series!==void 0){let a=t.series;const S=e,s=e;let c=!1,N=null;const g=e;if(a!==null){const k={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[k]:r.push(k),e++}var b=g===e;b&&(c=!0,
N=0);const V=e;if(e===V)if(a&&typeof a=="object"&&!Array.isArray(a)){let k;if(a.id===void 0&&(k="id")||a.kind===void 0&&
(k="kind")||a.step===void 0&&(k="step")||a.count===void 0&&(k="count")){const re={instancePath:i+"/series",schemaPath:"#\
/properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:k}};r===null?r=[re]:r.push(re),e++}else{
const re=e;for(const o in a)if(!(o==="id"||o==="kind"||o==="step"||o==="count")){const v={instancePath:i+"/series",schemaPath:"\
#/properties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?
r=[v]:r.push(v),e++;break}if(re===e){if(a.id!==void 0){let o=a.id;const v=e;if(e===v)if(typeof o=="string"){if(oe(o)>64){
const m={instancePath:i+"/series/id",schemaPath:"#/properties/series/oneOf/1/properties/id/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[m]:r.push(m),e++}}else{const m={instancePath:i+"/series/id",schemaPath:"#/properties/seri\
es/oneOf/1/properties/id/type",keyword:"type",params:{type:"string"}};r===null?r=[m]:r.push(m),e++}var $=v===e}else var $=!0;
if($){if(a.kind!==void 0){let o=a.kind;const v=e;if(!(o==="single"||o==="bracket"||o==="burst"||o==="focus"||o==="interv\
al"||o==="long")){const u={instancePath:i+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/enum",keyword:"\
enum",params:{allowedValues:ue.properties.series.oneOf[1].properties.kind.enum}};r===null?r=[u]:r.push(u),e++}var $=v===
e}else var $=!0;if($){if(a.step!==void 0){let o=a.step;const v=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){
const u={instancePath:i+"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/type",keyword:"type",params:{
type:"integer"}};r===null?r=[u]:r.push(u),e++}if(e===v&&typeof o=="number"&&isFinite(o)&&(o<0||isNaN(o))){const u={instancePath:i+
"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/minimum",keyword:"minimum",params:{comparison:">=",
limit:0}};r===null?r=[u]:r.push(u),e++}var $=v===e}else var $=!0;if($)if(a.count!==void 0){let o=a.count;const v=e;if(!(typeof o==
"number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const u={instancePath:i+"/series/count",schemaPath:"#/properties/series/oneOf\
/1/properties/count/type",keyword:"type",params:{type:"integer"}};r===null?r=[u]:r.push(u),e++}if(e===v&&typeof o=="numb\
er"&&isFinite(o)&&(o<1||isNaN(o))){const u={instancePath:i+"/series/count",schemaPath:"#/properties/series/oneOf/1/prope\
rties/count/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[u]:r.push(u),e++}var $=v===e}else var $=!0}}}}}else{
const k={instancePath:i+"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===
null?r=[k]:r.push(k),e++}var b=V===e;if(b&&c?(c=!1,N=[N,1]):b&&(c=!0,N=1),c)e=s,r!==null&&(s?r.length=s:r=null);else{const k={
instancePath:i+"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:N}};return r===null?
r=[k]:r.push(k),e++,W.errors=r,!1}var n=S===e}else var n=!0;if(n){if(t.files!==void 0){let a=t.files;const S=e;if(e===S)
if(Array.isArray(a)){if(a.length>8)return W.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/maxItems",keyword:"\
maxItems",params:{limit:8}}],!1;if(a.length<1)return W.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var J=!0;const c=a.length;for(let N=0;N<c;N++){let g=a[N];const V=e;if(e===
V)if(g&&typeof g=="object"&&!Array.isArray(g)){let k;if(g.kind===void 0&&(k="kind")||g.name===void 0&&(k="name")||g.bytes===
void 0&&(k="bytes")||g.chunks===void 0&&(k="chunks"))return W.errors=[{instancePath:i+"/files/"+N,schemaPath:"#/properti\
es/files/items/required",keyword:"required",params:{missingProperty:k}}],!1;{const re=e;for(const o in g)if(!(o==="kind"||
o==="name"||o==="bytes"||o==="chunks")){return W.errors=[{instancePath:i+"/files/"+N,schemaPath:"#/properties/files/item\
s/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}}],!1;break}if(re===e){if(g.kind!==void 0){
let o=g.kind;const v=e;if(!(o==="dng"||o==="jpeg"||o==="tiff"||o==="png"||o==="webp"||o==="avif"||o==="heic"||o==="raw"))
return W.errors=[{instancePath:i+"/files/"+N+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:ue.properties.files.items.properties.kind.enum}}],!1;var y=v===e}else var y=!0;if(y){if(g.name!==
void 0){let o=g.name;const v=e;if(e===v)if(typeof o=="string"){if(oe(o)>160)return W.errors=[{instancePath:i+"/files/"+N+
"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(oe(
o)<1)return W.errors=[{instancePath:i+"/files/"+N+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",
keyword:"minLength",params:{limit:1}}],!1}else return W.errors=[{instancePath:i+"/files/"+N+"/name",schemaPath:"#/proper\
ties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var y=v===e}else var y=!0;if(y){if(g.bytes!==
void 0){let o=g.bytes;const v=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return W.errors=[{instancePath:i+
"/files/"+N+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===v&&typeof o=="number"&&isFinite(o)&&(o<1||isNaN(o)))return W.errors=[{instancePath:i+"/files/"+N+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var y=v===e}else
var y=!0;if(y)if(g.chunks!==void 0){let o=g.chunks;const v=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return W.
errors=[{instancePath:i+"/files/"+N+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===v&&typeof o=="number"&&isFinite(o)){if(o>4096||isNaN(o))return W.errors=[{instancePath:i+
"/files/"+N+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(o<1||isNaN(o))return W.errors=[{instancePath:i+"/files/"+N+"/chunks",schemaPath:"#/properties/fi\
les/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var y=v===e}else var y=!0}}}}}else
return W.errors=[{instancePath:i+"/files/"+N,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"obj\
ect"}}],!1;var J=V===e;if(!J)break}}}else return W.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/type",
keyword:"type",params:{type:"array"}}],!1;var n=S===e}else var n=!0;if(n){if(t.longestHandheldS!==void 0){let a=t.longestHandheldS;
const S=e;if(!(typeof a=="number"&&isFinite(a))&&a!==null)return W.errors=[{instancePath:i+"/longestHandheldS",schemaPath:"\
#/properties/longestHandheldS/type",keyword:"type",params:{type:ue.properties.longestHandheldS.type}}],!1;var n=S===e}else
var n=!0;if(n){if(t.focusedAt!==void 0){let a=t.focusedAt;const S=e,s=e;let c=!1,N=null;const g=e;if(a!==null){const k={
instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?
r=[k]:r.push(k),e++}var f=g===e;f&&(c=!0,N=0);const V=e;if(e===V)if(a&&typeof a=="object"&&!Array.isArray(a)){let k;if(a.
x===void 0&&(k="x")||a.y===void 0&&(k="y")){const re={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/one\
Of/1/required",keyword:"required",params:{missingProperty:k}};r===null?r=[re]:r.push(re),e++}else{const re=e;for(const o in a)
if(!(o==="x"||o==="y")){const v={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[v]:r.push(v),e++;break}if(re===e){if(a.x!==
void 0){let o=a.x;const v=e;if(e===v)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const m={instancePath:i+"/foc\
usedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};
r===null?r=[m]:r.push(m),e++}else if(o<0||isNaN(o)){const m={instancePath:i+"/focusedAt/x",schemaPath:"#/properties/focu\
sedAt/oneOf/1/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[m]:r.push(m),e++}}else{
const m={instancePath:i+"/focusedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/type",keyword:"type",params:{
type:"number"}};r===null?r=[m]:r.push(m),e++}var K=v===e}else var K=!0;if(K)if(a.y!==void 0){let o=a.y;const v=e;if(e===
v)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o)){const u={instancePath:i+"/focusedAt/y",schemaPath:"#/properties/\
focusedAt/oneOf/1/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[u]:r.push(u),e++}else if(o<
0||isNaN(o)){const u={instancePath:i+"/focusedAt/y",schemaPath:"#/properties/focusedAt/oneOf/1/properties/y/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[u]:r.push(u),e++}}else{const u={instancePath:i+"/focusedAt/y",schemaPath:"\
#/properties/focusedAt/oneOf/1/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var K=v===
e}else var K=!0}}}else{const k={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/type",keyword:"ty\
pe",params:{type:"object"}};r===null?r=[k]:r.push(k),e++}var f=V===e;if(f&&c?(c=!1,N=[N,1]):f&&(c=!0,N=1),c)e=s,r!==null&&
(s?r.length=s:r=null);else{const k={instancePath:i+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf",keyword:"oneOf",
params:{passingSchemas:N}};return r===null?r=[k]:r.push(k),e++,W.errors=r,!1}var n=S===e}else var n=!0;if(n){if(t.combined!==
void 0){let a=t.combined;const S=e,s=e;let c=!1,N=null;const g=e;if(a!==null){const k={instancePath:i+"/combined",schemaPath:"\
#/properties/combined/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[k]:r.push(k),e++}var E=g===e;E&&(c=
!0,N=0);const V=e;if(e===V)if(a&&typeof a=="object"&&!Array.isArray(a)){let k;if(a.sources===void 0&&(k="sources")||a.way===
void 0&&(k="way")||a.moved===void 0&&(k="moved")||a.finish===void 0&&(k="finish")||a.floating===void 0&&(k="floating")){
const re={instancePath:i+"/combined",schemaPath:"#/properties/combined/oneOf/1/required",keyword:"required",params:{missingProperty:k}};
r===null?r=[re]:r.push(re),e++}else{const re=e;for(const o in a)if(!(o==="sources"||o==="way"||o==="moved"||o==="painted"||
o==="finish"||o==="floating")){const v={instancePath:i+"/combined",schemaPath:"#/properties/combined/oneOf/1/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:o}};r===null?r=[v]:r.push(v),e++;break}if(re===e){if(a.
sources!==void 0){let o=a.sources;const v=e;if(e===v)if(Array.isArray(o))if(o.length>5e3){const m={instancePath:i+"/comb\
ined/sources",schemaPath:"#/properties/combined/oneOf/1/properties/sources/maxItems",keyword:"maxItems",params:{limit:5e3}};
r===null?r=[m]:r.push(m),e++}else if(o.length<2){const m={instancePath:i+"/combined/sources",schemaPath:"#/properties/co\
mbined/oneOf/1/properties/sources/minItems",keyword:"minItems",params:{limit:2}};r===null?r=[m]:r.push(m),e++}else{var d=!0;
const m=o.length;for(let u=0;u<m;u++){let H=o[u];const h=e;if(e===h)if(typeof H=="string"){if(oe(H)>64){const G={instancePath:i+
"/combined/sources/"+u,schemaPath:"#/properties/combined/oneOf/1/properties/sources/items/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[G]:r.push(G),e++}}else{const G={instancePath:i+"/combined/sources/"+u,schemaPath:"#/prope\
rties/combined/oneOf/1/properties/sources/items/type",keyword:"type",params:{type:"string"}};r===null?r=[G]:r.push(G),e++}
var d=h===e;if(!d)break}}else{const m={instancePath:i+"/combined/sources",schemaPath:"#/properties/combined/oneOf/1/prop\
erties/sources/type",keyword:"type",params:{type:"array"}};r===null?r=[m]:r.push(m),e++}var I=v===e}else var I=!0;if(I){
if(a.way!==void 0){let o=a.way;const v=e;if(!(o==="merge"||o==="fuse"||o==="focus"||o==="average"||o==="median"||o==="br\
ightest"||o==="stars"||o==="sum")){const u={instancePath:i+"/combined/way",schemaPath:"#/properties/combined/oneOf/1/pro\
perties/way/enum",keyword:"enum",params:{allowedValues:ue.properties.combined.oneOf[1].properties.way.enum}};r===null?r=
[u]:r.push(u),e++}var I=v===e}else var I=!0;if(I){if(a.moved!==void 0){let o=a.moved;const v=e;if(e===v)if(Array.isArray(
o))if(o.length>5e3){const u={instancePath:i+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved\
/maxItems",keyword:"maxItems",params:{limit:5e3}};r===null?r=[u]:r.push(u),e++}else{var l=!0;const u=o.length;for(let H=0;H<
u;H++){let h=o[H];const U=e;if(e===U)if(h&&typeof h=="object"&&!Array.isArray(h)){let O;if(h.x===void 0&&(O="x")||h.y===
void 0&&(O="y")||h.frame===void 0&&(O="frame")){const C={instancePath:i+"/combined/moved/"+H,schemaPath:"#/properties/co\
mbined/oneOf/1/properties/moved/items/required",keyword:"required",params:{missingProperty:O}};r===null?r=[C]:r.push(C),
e++}else{const C=e;for(const w in h)if(!(w==="x"||w==="y"||w==="frame")){const z={instancePath:i+"/combined/moved/"+H,schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:w}};
r===null?r=[z]:r.push(z),e++;break}if(C===e){if(h.x!==void 0){let w=h.x;const z=e;if(e===z)if(typeof w=="number"&&isFinite(
w)){if(w>1||isNaN(w)){const ee={instancePath:i+"/combined/moved/"+H+"/x",schemaPath:"#/properties/combined/oneOf/1/prope\
rties/moved/items/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[ee]:r.push(ee),e++}else if(w<
0||isNaN(w)){const ee={instancePath:i+"/combined/moved/"+H+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/mov\
ed/items/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[ee]:r.push(ee),e++}}else{
const ee={instancePath:i+"/combined/moved/"+H+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/prop\
erties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[ee]:r.push(ee),e++}var j=z===e}else var j=!0;if(j){if(h.
y!==void 0){let w=h.y;const z=e;if(e===z)if(typeof w=="number"&&isFinite(w)){if(w>1||isNaN(w)){const T={instancePath:i+"\
/combined/moved/"+H+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/maximum",keyword:"\
maximum",params:{comparison:"<=",limit:1}};r===null?r=[T]:r.push(T),e++}else if(w<0||isNaN(w)){const T={instancePath:i+"\
/combined/moved/"+H+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[T]:r.push(T),e++}}else{const T={instancePath:i+"/combined/moved/"+
H+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/type",keyword:"type",params:{type:"\
number"}};r===null?r=[T]:r.push(T),e++}var j=z===e}else var j=!0;if(j)if(h.frame!==void 0){let w=h.frame;const z=e;if(!(typeof w==
"number"&&!(w%1)&&!isNaN(w)&&isFinite(w))){const T={instancePath:i+"/combined/moved/"+H+"/frame",schemaPath:"#/propertie\
s/combined/oneOf/1/properties/moved/items/properties/frame/type",keyword:"type",params:{type:"integer"}};r===null?r=[T]:
r.push(T),e++}var j=z===e}else var j=!0}}}}else{const O={instancePath:i+"/combined/moved/"+H,schemaPath:"#/properties/co\
mbined/oneOf/1/properties/moved/items/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var l=U===
e;if(!l)break}}else{const u={instancePath:i+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved\
/type",keyword:"type",params:{type:"array"}};r===null?r=[u]:r.push(u),e++}var I=v===e}else var I=!0;if(I){if(a.painted!==
void 0){let o=a.painted;const v=e;if(e===v)if(Array.isArray(o))if(o.length>2e4){const u={instancePath:i+"/combined/paint\
ed",schemaPath:"#/properties/combined/oneOf/1/properties/painted/maxItems",keyword:"maxItems",params:{limit:2e4}};r===null?
r=[u]:r.push(u),e++}else{var p=!0;const u=o.length;for(let H=0;H<u;H++){let h=o[H];const U=e;if(e===U)if(h&&typeof h=="o\
bject"&&!Array.isArray(h)){let O;if(h.x===void 0&&(O="x")||h.y===void 0&&(O="y")||h.radius===void 0&&(O="radius")||h.frame===
void 0&&(O="frame")){const C={instancePath:i+"/combined/painted/"+H,schemaPath:"#/properties/combined/oneOf/1/properties\
/painted/items/required",keyword:"required",params:{missingProperty:O}};r===null?r=[C]:r.push(C),e++}else{const C=e;for(const w in h)
if(!(w==="x"||w==="y"||w==="radius"||w==="frame")){const z={instancePath:i+"/combined/painted/"+H,schemaPath:"#/properti\
es/combined/oneOf/1/properties/painted/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:w}};
r===null?r=[z]:r.push(z),e++;break}if(C===e){if(h.x!==void 0){let w=h.x;const z=e;if(!(typeof w=="number"&&isFinite(w))){
const ee={instancePath:i+"/combined/painted/"+H+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/\
properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[ee]:r.push(ee),e++}var P=z===e}else var P=!0;if(P){
if(h.y!==void 0){let w=h.y;const z=e;if(!(typeof w=="number"&&isFinite(w))){const T={instancePath:i+"/combined/painted/"+
H+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/y/type",keyword:"type",params:{type:"\
number"}};r===null?r=[T]:r.push(T),e++}var P=z===e}else var P=!0;if(P){if(h.radius!==void 0){let w=h.radius;const z=e;if(e===
z)if(typeof w=="number"&&isFinite(w)){if(w>1||isNaN(w)){const T={instancePath:i+"/combined/painted/"+H+"/radius",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/items/properties/radius/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}};r===null?r=[T]:r.push(T),e++}else if(w<0||isNaN(w)){const T={instancePath:i+"/combined/painted/"+H+"/radiu\
s",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/radius/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}};r===null?r=[T]:r.push(T),e++}}else{const T={instancePath:i+"/combined/painted/"+H+"/radius",schemaPath:"\
#/properties/combined/oneOf/1/properties/painted/items/properties/radius/type",keyword:"type",params:{type:"number"}};r===
null?r=[T]:r.push(T),e++}var P=z===e}else var P=!0;if(P)if(h.frame!==void 0){let w=h.frame;const z=e;if(!(typeof w=="num\
ber"&&!(w%1)&&!isNaN(w)&&isFinite(w))){const T={instancePath:i+"/combined/painted/"+H+"/frame",schemaPath:"#/properties/\
combined/oneOf/1/properties/painted/items/properties/frame/type",keyword:"type",params:{type:"integer"}};r===null?r=[T]:
r.push(T),e++}var P=z===e}else var P=!0}}}}}else{const O={instancePath:i+"/combined/painted/"+H,schemaPath:"#/properties\
/combined/oneOf/1/properties/painted/items/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var p=U===
e;if(!p)break}}else{const u={instancePath:i+"/combined/painted",schemaPath:"#/properties/combined/oneOf/1/properties/pai\
nted/type",keyword:"type",params:{type:"array"}};r===null?r=[u]:r.push(u),e++}var I=v===e}else var I=!0;if(I){if(a.finish!==
void 0){let o=a.finish;const v=e,m=e;let u=!1,H=null;const h=e;if(o!==null){const O={instancePath:i+"/combined/finish",schemaPath:"\
#/properties/combined/oneOf/1/properties/finish/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[O]:r.push(
O),e++}var q=h===e;q&&(u=!0,H=0);const U=e;if(e===U)if(o&&typeof o=="object"&&!Array.isArray(o)){let O;if(o.brightness===
void 0&&(O="brightness")||o.range===void 0&&(O="range")||o.detail===void 0&&(O="detail")){const C={instancePath:i+"/comb\
ined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/required",keyword:"required",params:{missingProperty:O}};
r===null?r=[C]:r.push(C),e++}else{const C=e;for(const w in o)if(!(w==="brightness"||w==="range"||w==="detail")){const z={
instancePath:i+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:w}};r===null?r=[z]:r.push(z),e++;break}if(C===e){if(o.brightness!==
void 0){let w=o.brightness;const z=e;if(!(typeof w=="number"&&isFinite(w))){const ee={instancePath:i+"/combined/finish/b\
rightness",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/properties/brightness/type",keyword:"type",
params:{type:"number"}};r===null?r=[ee]:r.push(ee),e++}var Z=z===e}else var Z=!0;if(Z){if(o.range!==void 0){let w=o.range;
const z=e;if(!(typeof w=="number"&&isFinite(w))){const T={instancePath:i+"/combined/finish/range",schemaPath:"#/properti\
es/combined/oneOf/1/properties/finish/oneOf/1/properties/range/type",keyword:"type",params:{type:"number"}};r===null?r=[
T]:r.push(T),e++}var Z=z===e}else var Z=!0;if(Z)if(o.detail!==void 0){let w=o.detail;const z=e;if(!(typeof w=="number"&&
isFinite(w))){const T={instancePath:i+"/combined/finish/detail",schemaPath:"#/properties/combined/oneOf/1/properties/fin\
ish/oneOf/1/properties/detail/type",keyword:"type",params:{type:"number"}};r===null?r=[T]:r.push(T),e++}var Z=z===e}else
var Z=!0}}}}else{const O={instancePath:i+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/\
oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var q=U===e;if(q&&u?(u=!1,H=[H,1]):q&&
(u=!0,H=1),u)e=m,r!==null&&(m?r.length=m:r=null);else{const O={instancePath:i+"/combined/finish",schemaPath:"#/propertie\
s/combined/oneOf/1/properties/finish/oneOf",keyword:"oneOf",params:{passingSchemas:H}};r===null?r=[O]:r.push(O),e++}var I=v===
e}else var I=!0;if(I)if(a.floating!==void 0){const o=e;if(typeof a.floating!="boolean"){const m={instancePath:i+"/combin\
ed/floating",schemaPath:"#/properties/combined/oneOf/1/properties/floating/type",keyword:"type",params:{type:"boolean"}};
r===null?r=[m]:r.push(m),e++}var I=o===e}else var I=!0}}}}}}}else{const k={instancePath:i+"/combined",schemaPath:"#/prop\
erties/combined/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[k]:r.push(k),e++}var E=V===e;if(E&&c?(c=
!1,N=[N,1]):E&&(c=!0,N=1),c)e=s,r!==null&&(s?r.length=s:r=null);else{const k={instancePath:i+"/combined",schemaPath:"#/p\
roperties/combined/oneOf",keyword:"oneOf",params:{passingSchemas:N}};return r===null?r=[k]:r.push(k),e++,W.errors=r,!1}var n=S===
e}else var n=!0;if(n)if(t.words!==void 0){let a=t.words;const S=e;if(e===S)if(a&&typeof a=="object"&&!Array.isArray(a)){
let c;if(a.source===void 0&&(c="source")||a.summary===void 0&&(c="summary"))return W.errors=[{instancePath:i+"/words",schemaPath:"\
#/properties/words/required",keyword:"required",params:{missingProperty:c}}],!1;{const N=e;for(const g in a)if(!(g==="so\
urce"||g==="summary")){return W.errors=[{instancePath:i+"/words",schemaPath:"#/properties/words/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:g}}],!1;break}if(N===e){if(a.source!==void 0){let g=a.source;const V=e;
if(e===V)if(typeof g=="string"){if(oe(g)>200)return W.errors=[{instancePath:i+"/words/source",schemaPath:"#/properties/w\
ords/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return W.errors=[{instancePath:i+"/wo\
rds/source",schemaPath:"#/properties/words/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var se=V===
e}else var se=!0;if(se)if(a.summary!==void 0){let g=a.summary;const V=e;if(e===V)if(typeof g=="string"){if(oe(g)>200)return W.
errors=[{instancePath:i+"/words/summary",schemaPath:"#/properties/words/properties/summary/maxLength",keyword:"maxLength",
params:{limit:200}}],!1}else return W.errors=[{instancePath:i+"/words/summary",schemaPath:"#/properties/words/properties\
/summary/type",keyword:"type",params:{type:"string"}}],!1;var se=V===e}else var se=!0}}}else return W.errors=[{instancePath:i+
"/words",schemaPath:"#/properties/words/type",keyword:"type",params:{type:"object"}}],!1;var n=S===e}else var n=!0}}}}}}}}}}}}}}}}}}}}}}}}}else
return W.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return W.errors=r,e===0}
const Ve=te,Se={$id:"velmo/frame/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"^[a-z0-9-]{8,\
64}$"},capturedAt:{type:"number",minimum:0},source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200},files:{
type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{kind:{enum:["dng","jpeg","tiff","png","webp","avif",
"heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{type:"integer",minimum:1},chunks:{type:"integer",minimum:1,
maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},thumbnail:{type:"string",pattern:"^da\
ta:image/jpeg;base64,"}},required:["version","id","capturedAt","source","summary","files","thumbnail"],additionalProperties:!1},
je=new RegExp("^data:image/jpeg;base64,","u");function te(t,{instancePath:i="",parentData:he,parentDataProperty:ye,rootData:de=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let L;if(t.version===void 0&&(L="version")||t.id===
void 0&&(L="id")||t.capturedAt===void 0&&(L="capturedAt")||t.source===void 0&&(L="source")||t.summary===void 0&&(L="summ\
ary")||t.files===void 0&&(L="files")||t.thumbnail===void 0&&(L="thumbnail"))return te.errors=[{instancePath:i,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:L}}],!1;{const X=e;for(const D in t)if(!(D==="version"||D==="id"||
D==="capturedAt"||D==="source"||D==="summary"||D==="files"||D==="thumbnail")){return te.errors=[{instancePath:i,schemaPath:"\
#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:D}}],!1;break}if(X===e){if(t.version!==
void 0){const D=e;if(t.version!==1)return te.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",
keyword:"const",params:{allowedValue:1}}],!1;var n=D===e}else var n=!0;if(n){if(t.id!==void 0){let D=t.id;const A=e;if(e===
A)if(typeof D=="string"){if(!_e.test(D))return te.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/pattern",keyword:"\
pattern",params:{pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return te.errors=[{instancePath:i+"/id",schemaPath:"#/properties\
/id/type",keyword:"type",params:{type:"string"}}],!1;var n=A===e}else var n=!0;if(n){if(t.capturedAt!==void 0){let D=t.capturedAt;
const A=e;if(e===A)if(typeof D=="number"&&isFinite(D)){if(D<0||isNaN(D))return te.errors=[{instancePath:i+"/capturedAt",
schemaPath:"#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return te.errors=
[{instancePath:i+"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var n=A===
e}else var n=!0;if(n){if(t.source!==void 0){let D=t.source;const A=e;if(e===A)if(typeof D=="string"){if(oe(D)>200)return te.
errors=[{instancePath:i+"/source",schemaPath:"#/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else
return te.errors=[{instancePath:i+"/source",schemaPath:"#/properties/source/type",keyword:"type",params:{type:"string"}}],
!1;var n=A===e}else var n=!0;if(n){if(t.summary!==void 0){let D=t.summary;const A=e;if(e===A)if(typeof D=="string"){if(oe(
D)>200)return te.errors=[{instancePath:i+"/summary",schemaPath:"#/properties/summary/maxLength",keyword:"maxLength",params:{
limit:200}}],!1}else return te.errors=[{instancePath:i+"/summary",schemaPath:"#/properties/summary/type",keyword:"type",
params:{type:"string"}}],!1;var n=A===e}else var n=!0;if(n){if(t.files!==void 0){let D=t.files;const A=e;if(e===A)if(Array.
isArray(D)){if(D.length>8)return te.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/maxItems",keyword:"m\
axItems",params:{limit:8}}],!1;if(D.length<1)return te.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var x=!0;const b=D.length;for(let J=0;J<b;J++){let y=D[J];const K=e;if(e===
K)if(y&&typeof y=="object"&&!Array.isArray(y)){let d;if(y.kind===void 0&&(d="kind")||y.name===void 0&&(d="name")||y.bytes===
void 0&&(d="bytes")||y.chunks===void 0&&(d="chunks"))return te.errors=[{instancePath:i+"/files/"+J,schemaPath:"#/propert\
ies/files/items/required",keyword:"required",params:{missingProperty:d}}],!1;{const I=e;for(const l in y)if(!(l==="kind"||
l==="name"||l==="bytes"||l==="chunks")){return te.errors=[{instancePath:i+"/files/"+J,schemaPath:"#/properties/files/ite\
ms/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(I===e){if(y.kind!==void 0){
let l=y.kind;const j=e;if(!(l==="dng"||l==="jpeg"||l==="tiff"||l==="png"||l==="webp"||l==="avif"||l==="heic"||l==="raw"))
return te.errors=[{instancePath:i+"/files/"+J+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:Se.properties.files.items.properties.kind.enum}}],!1;var F=j===e}else var F=!0;if(F){if(y.name!==
void 0){let l=y.name;const j=e;if(e===j)if(typeof l=="string"){if(oe(l)>160)return te.errors=[{instancePath:i+"/files/"+
J+"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(oe(
l)<1)return te.errors=[{instancePath:i+"/files/"+J+"/name",schemaPath:"#/properties/files/items/properties/name/minLengt\
h",keyword:"minLength",params:{limit:1}}],!1}else return te.errors=[{instancePath:i+"/files/"+J+"/name",schemaPath:"#/pr\
operties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var F=j===e}else var F=!0;if(F){if(y.
bytes!==void 0){let l=y.bytes;const j=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))return te.errors=[{instancePath:i+
"/files/"+J+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===j&&typeof l=="number"&&isFinite(l)&&(l<1||isNaN(l)))return te.errors=[{instancePath:i+"/files/"+J+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var F=j===e}else
var F=!0;if(F)if(y.chunks!==void 0){let l=y.chunks;const j=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))return te.
errors=[{instancePath:i+"/files/"+J+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===j&&typeof l=="number"&&isFinite(l)){if(l>4096||isNaN(l))return te.errors=[{instancePath:i+
"/files/"+J+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(l<1||isNaN(l))return te.errors=[{instancePath:i+"/files/"+J+"/chunks",schemaPath:"#/properties/f\
iles/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var F=j===e}else var F=!0}}}}}else
return te.errors=[{instancePath:i+"/files/"+J,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"ob\
ject"}}],!1;var x=K===e;if(!x)break}}}else return te.errors=[{instancePath:i+"/files",schemaPath:"#/properties/files/typ\
e",keyword:"type",params:{type:"array"}}],!1;var n=A===e}else var n=!0;if(n)if(t.thumbnail!==void 0){let D=t.thumbnail;const A=e;
if(e===A)if(typeof D=="string"){if(!je.test(D))return te.errors=[{instancePath:i+"/thumbnail",schemaPath:"#/properties/t\
humbnail/pattern",keyword:"pattern",params:{pattern:"^data:image/jpeg;base64,"}}],!1}else return te.errors=[{instancePath:i+
"/thumbnail",schemaPath:"#/properties/thumbnail/type",keyword:"type",params:{type:"string"}}],!1;var n=A===e}else var n=!0}}}}}}}}else
return te.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return te.errors=r,e===
0}const De=me,Ne={$id:"velmo/camera-light/1",type:"object",properties:{version:{const:1},response:{oneOf:[{type:"null"},
{type:"array",minItems:3,maxItems:3,items:{type:"array",minItems:256,maxItems:256,items:{type:"number",minimum:0,maximum:1}}}]},
measuredAt:{type:["number","null"]},greyStops:{type:"number",minimum:-4,maximum:4},evOffset:{type:["number","null"],minimum:-30,
maximum:30}},required:["version","response","measuredAt","greyStops","evOffset"],additionalProperties:!1};function me(t,{
instancePath:i="",parentData:he,parentDataProperty:ye,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let X;if(t.version===void 0&&(X="version")||t.response===void 0&&(X="response")||t.measuredAt===void 0&&
(X="measuredAt")||t.greyStops===void 0&&(X="greyStops")||t.evOffset===void 0&&(X="evOffset"))return me.errors=[{instancePath:i,
schemaPath:"#/required",keyword:"required",params:{missingProperty:X}}],!1;{const D=e;for(const A in t)if(!(A==="version"||
A==="response"||A==="measuredAt"||A==="greyStops"||A==="evOffset")){return me.errors=[{instancePath:i,schemaPath:"#/addi\
tionalProperties",keyword:"additionalProperties",params:{additionalProperty:A}}],!1;break}if(D===e){if(t.version!==void 0){
const A=e;if(t.version!==1)return me.errors=[{instancePath:i+"/version",schemaPath:"#/properties/version/const",keyword:"\
const",params:{allowedValue:1}}],!1;var n=A===e}else var n=!0;if(n){if(t.response!==void 0){let A=t.response;const $=e,b=e;
let J=!1,y=null;const K=e;if(A!==null){const I={instancePath:i+"/response",schemaPath:"#/properties/response/oneOf/0/typ\
e",keyword:"type",params:{type:"null"}};r===null?r=[I]:r.push(I),e++}var L=K===e;L&&(J=!0,y=0);const f=e;if(e===f)if(Array.
isArray(A))if(A.length>3){const I={instancePath:i+"/response",schemaPath:"#/properties/response/oneOf/1/maxItems",keyword:"\
maxItems",params:{limit:3}};r===null?r=[I]:r.push(I),e++}else if(A.length<3){const I={instancePath:i+"/response",schemaPath:"\
#/properties/response/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[I]:r.push(I),e++}else{var x=!0;
const I=A.length;for(let l=0;l<I;l++){let j=A[l];const p=e;if(e===p)if(Array.isArray(j))if(j.length>256){const Z={instancePath:i+
"/response/"+l,schemaPath:"#/properties/response/oneOf/1/items/maxItems",keyword:"maxItems",params:{limit:256}};r===null?
r=[Z]:r.push(Z),e++}else if(j.length<256){const Z={instancePath:i+"/response/"+l,schemaPath:"#/properties/response/oneOf\
/1/items/minItems",keyword:"minItems",params:{limit:256}};r===null?r=[Z]:r.push(Z),e++}else{var F=!0;const Z=j.length;for(let q=0;q<
Z;q++){let E=j[q];const se=e;if(e===se)if(typeof E=="number"&&isFinite(E)){if(E>1||isNaN(E)){const Y={instancePath:i+"/r\
esponse/"+l+"/"+q,schemaPath:"#/properties/response/oneOf/1/items/items/maximum",keyword:"maximum",params:{comparison:"<\
=",limit:1}};r===null?r=[Y]:r.push(Y),e++}else if(E<0||isNaN(E)){const Y={instancePath:i+"/response/"+l+"/"+q,schemaPath:"\
#/properties/response/oneOf/1/items/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[Y]:r.
push(Y),e++}}else{const Y={instancePath:i+"/response/"+l+"/"+q,schemaPath:"#/properties/response/oneOf/1/items/items/typ\
e",keyword:"type",params:{type:"number"}};r===null?r=[Y]:r.push(Y),e++}var F=se===e;if(!F)break}}else{const Z={instancePath:i+
"/response/"+l,schemaPath:"#/properties/response/oneOf/1/items/type",keyword:"type",params:{type:"array"}};r===null?r=[Z]:
r.push(Z),e++}var x=p===e;if(!x)break}}else{const I={instancePath:i+"/response",schemaPath:"#/properties/response/oneOf/\
1/type",keyword:"type",params:{type:"array"}};r===null?r=[I]:r.push(I),e++}var L=f===e;if(L&&J?(J=!1,y=[y,1]):L&&(J=!0,y=
1),J)e=b,r!==null&&(b?r.length=b:r=null);else{const I={instancePath:i+"/response",schemaPath:"#/properties/response/oneO\
f",keyword:"oneOf",params:{passingSchemas:y}};return r===null?r=[I]:r.push(I),e++,me.errors=r,!1}var n=$===e}else var n=!0;
if(n){if(t.measuredAt!==void 0){let A=t.measuredAt;const $=e;if(!(typeof A=="number"&&isFinite(A))&&A!==null)return me.errors=
[{instancePath:i+"/measuredAt",schemaPath:"#/properties/measuredAt/type",keyword:"type",params:{type:Ne.properties.measuredAt.
type}}],!1;var n=$===e}else var n=!0;if(n){if(t.greyStops!==void 0){let A=t.greyStops;const $=e;if(e===$)if(typeof A=="n\
umber"&&isFinite(A)){if(A>4||isNaN(A))return me.errors=[{instancePath:i+"/greyStops",schemaPath:"#/properties/greyStops/\
maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(A<-4||isNaN(A))return me.errors=[{instancePath:i+"/g\
reyStops",schemaPath:"#/properties/greyStops/minimum",keyword:"minimum",params:{comparison:">=",limit:-4}}],!1}else return me.
errors=[{instancePath:i+"/greyStops",schemaPath:"#/properties/greyStops/type",keyword:"type",params:{type:"number"}}],!1;
var n=$===e}else var n=!0;if(n)if(t.evOffset!==void 0){let A=t.evOffset;const $=e;if(!(typeof A=="number"&&isFinite(A))&&
A!==null)return me.errors=[{instancePath:i+"/evOffset",schemaPath:"#/properties/evOffset/type",keyword:"type",params:{type:Ne.
properties.evOffset.type}}],!1;if(e===$&&typeof A=="number"&&isFinite(A)){if(A>30||isNaN(A))return me.errors=[{instancePath:i+
"/evOffset",schemaPath:"#/properties/evOffset/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}}],!1;if(A<-30||
isNaN(A))return me.errors=[{instancePath:i+"/evOffset",schemaPath:"#/properties/evOffset/minimum",keyword:"minimum",params:{
comparison:">=",limit:-30}}],!1}var n=$===e}else var n=!0}}}}}}else return me.errors=[{instancePath:i,schemaPath:"#/type",
keyword:"type",params:{type:"object"}}],!1;return me.errors=r,e===0}const He=Pe,Ie={$id:"velmo/camera-choice/1",oneOf:[{
type:"object",properties:{device:{const:"simulated"},scene:{type:"string",maxLength:64}},required:["device","scene"],additionalProperties:!1},
{type:"object",properties:{device:{const:"browser"},camera:{type:"object",properties:{id:{type:"string",maxLength:512},label:{
type:"string",maxLength:512}},required:["id","label"],additionalProperties:!1},size:{type:"object",properties:{width:{type:"\
integer",minimum:16,maximum:16384},height:{type:"integer",minimum:16,maximum:16384}},required:["width","height"],additionalProperties:!1}},
required:["device"],additionalProperties:!1}]};function Pe(t,{instancePath:i="",parentData:he,parentDataProperty:ye,rootData:de=t}={}){
let r=null,e=0;const n=e;let x=!1,F=null;const L=e;if(e===L)if(t&&typeof t=="object"&&!Array.isArray(t)){let y;if(t.device===
void 0&&(y="device")||t.scene===void 0&&(y="scene")){const K={instancePath:i,schemaPath:"#/oneOf/0/required",keyword:"re\
quired",params:{missingProperty:y}};r===null?r=[K]:r.push(K),e++}else{const K=e;for(const f in t)if(!(f==="device"||f===
"scene")){const d={instancePath:i,schemaPath:"#/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:f}};
r===null?r=[d]:r.push(d),e++;break}if(K===e){if(t.device!==void 0){const f=e;if(t.device!=="simulated"){const d={instancePath:i+
"/device",schemaPath:"#/oneOf/0/properties/device/const",keyword:"const",params:{allowedValue:"simulated"}};r===null?r=[
d]:r.push(d),e++}var X=f===e}else var X=!0;if(X)if(t.scene!==void 0){let f=t.scene;const d=e;if(e===d)if(typeof f=="stri\
ng"){if(oe(f)>64){const l={instancePath:i+"/scene",schemaPath:"#/oneOf/0/properties/scene/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[l]:r.push(l),e++}}else{const l={instancePath:i+"/scene",schemaPath:"#/oneOf/0/properties/\
scene/type",keyword:"type",params:{type:"string"}};r===null?r=[l]:r.push(l),e++}var X=d===e}else var X=!0}}}else{const y={
instancePath:i,schemaPath:"#/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[y]:r.push(y),e++}var J=L===
e;J&&(x=!0,F=0);const D=e;if(e===D)if(t&&typeof t=="object"&&!Array.isArray(t)){let y;if(t.device===void 0&&(y="device")){
const K={instancePath:i,schemaPath:"#/oneOf/1/required",keyword:"required",params:{missingProperty:y}};r===null?r=[K]:r.
push(K),e++}else{const K=e;for(const f in t)if(!(f==="device"||f==="camera"||f==="size")){const d={instancePath:i,schemaPath:"\
#/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:f}};r===null?r=[d]:r.push(d),e++;
break}if(K===e){if(t.device!==void 0){const f=e;if(t.device!=="browser"){const d={instancePath:i+"/device",schemaPath:"#\
/oneOf/1/properties/device/const",keyword:"const",params:{allowedValue:"browser"}};r===null?r=[d]:r.push(d),e++}var A=f===
e}else var A=!0;if(A){if(t.camera!==void 0){let f=t.camera;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){
let l;if(f.id===void 0&&(l="id")||f.label===void 0&&(l="label")){const j={instancePath:i+"/camera",schemaPath:"#/oneOf/1\
/properties/camera/required",keyword:"required",params:{missingProperty:l}};r===null?r=[j]:r.push(j),e++}else{const j=e;
for(const p in f)if(!(p==="id"||p==="label")){const P={instancePath:i+"/camera",schemaPath:"#/oneOf/1/properties/camera/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[P]:r.push(P),e++;break}if(j===
e){if(f.id!==void 0){let p=f.id;const P=e;if(e===P)if(typeof p=="string"){if(oe(p)>512){const Z={instancePath:i+"/camera\
/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=
[Z]:r.push(Z),e++}}else{const Z={instancePath:i+"/camera/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/type",
keyword:"type",params:{type:"string"}};r===null?r=[Z]:r.push(Z),e++}var $=P===e}else var $=!0;if($)if(f.label!==void 0){
let p=f.label;const P=e;if(e===P)if(typeof p=="string"){if(oe(p)>512){const q={instancePath:i+"/camera/label",schemaPath:"\
#/oneOf/1/properties/camera/properties/label/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=[q]:r.push(q),
e++}}else{const q={instancePath:i+"/camera/label",schemaPath:"#/oneOf/1/properties/camera/properties/label/type",keyword:"\
type",params:{type:"string"}};r===null?r=[q]:r.push(q),e++}var $=P===e}else var $=!0}}}else{const l={instancePath:i+"/ca\
mera",schemaPath:"#/oneOf/1/properties/camera/type",keyword:"type",params:{type:"object"}};r===null?r=[l]:r.push(l),e++}
var A=d===e}else var A=!0;if(A)if(t.size!==void 0){let f=t.size;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(
f)){let l;if(f.width===void 0&&(l="width")||f.height===void 0&&(l="height")){const j={instancePath:i+"/size",schemaPath:"\
#/oneOf/1/properties/size/required",keyword:"required",params:{missingProperty:l}};r===null?r=[j]:r.push(j),e++}else{const j=e;
for(const p in f)if(!(p==="width"||p==="height")){const P={instancePath:i+"/size",schemaPath:"#/oneOf/1/properties/size/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[P]:r.push(P),e++;break}if(j===
e){if(f.width!==void 0){let p=f.width;const P=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p))){const Z={instancePath:i+
"/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/type",keyword:"type",params:{type:"integer"}};r===null?
r=[Z]:r.push(Z),e++}if(e===P&&typeof p=="number"&&isFinite(p)){if(p>16384||isNaN(p)){const Z={instancePath:i+"/size/widt\
h",schemaPath:"#/oneOf/1/properties/size/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:16384}};
r===null?r=[Z]:r.push(Z),e++}else if(p<16||isNaN(p)){const Z={instancePath:i+"/size/width",schemaPath:"#/oneOf/1/propert\
ies/size/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===null?r=[Z]:r.push(Z),e++}}var b=P===
e}else var b=!0;if(b)if(f.height!==void 0){let p=f.height;const P=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(
p))){const q={instancePath:i+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/type",keyword:"type",
params:{type:"integer"}};r===null?r=[q]:r.push(q),e++}if(e===P&&typeof p=="number"&&isFinite(p)){if(p>16384||isNaN(p)){const q={
instancePath:i+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/maximum",keyword:"maximum",params:{
comparison:"<=",limit:16384}};r===null?r=[q]:r.push(q),e++}else if(p<16||isNaN(p)){const q={instancePath:i+"/size/height",
schemaPath:"#/oneOf/1/properties/size/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===
null?r=[q]:r.push(q),e++}}var b=P===e}else var b=!0}}}else{const l={instancePath:i+"/size",schemaPath:"#/oneOf/1/propert\
ies/size/type",keyword:"type",params:{type:"object"}};r===null?r=[l]:r.push(l),e++}var A=d===e}else var A=!0}}}}else{const y={
instancePath:i,schemaPath:"#/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[y]:r.push(y),e++}var J=D===
e;if(J&&x?(x=!1,F=[F,1]):J&&(x=!0,F=1),x)e=n,r!==null&&(n?r.length=n:r=null);else{const y={instancePath:i,schemaPath:"#/\
oneOf",keyword:"oneOf",params:{passingSchemas:F}};return r===null?r=[y]:r.push(y),e++,Pe.errors=r,!1}return Pe.errors=r,
e===0}const Ee=R,be={$id:"velmo/decision/1",type:"object",properties:{version:{const:1},roll:{type:"string",maxLength:200},
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
quarters","tilt","crop"],additionalProperties:!1}},required:["version","roll","choice"],additionalProperties:!1};function R(t,{
instancePath:i="",parentData:he,parentDataProperty:ye,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let b;if(t.version===void 0&&(b="version")||t.roll===void 0&&(b="roll")||t.choice===void 0&&(b="choic\
e"))return R.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",params:{missingProperty:b}}],!1;{const J=e;
for(const y in t)if(!(y==="version"||y==="roll"||y==="choice"||y==="development"||y==="reframe")){return R.errors=[{instancePath:i,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:y}}],!1;break}if(J===e){if(t.
version!==void 0){const y=e;if(t.version!==1)return R.errors=[{instancePath:i+"/version",schemaPath:"#/properties/versio\
n/const",keyword:"const",params:{allowedValue:1}}],!1;var n=y===e}else var n=!0;if(n){if(t.roll!==void 0){let y=t.roll;const K=e;
if(e===K)if(typeof y=="string"){if(oe(y)>200)return R.errors=[{instancePath:i+"/roll",schemaPath:"#/properties/roll/maxL\
ength",keyword:"maxLength",params:{limit:200}}],!1}else return R.errors=[{instancePath:i+"/roll",schemaPath:"#/propertie\
s/roll/type",keyword:"type",params:{type:"string"}}],!1;var n=K===e}else var n=!0;if(n){if(t.choice!==void 0){let y=t.choice;
const K=e;if(!(y==="kept"||y==="dropped"||y===null))return R.errors=[{instancePath:i+"/choice",schemaPath:"#/properties/\
choice/enum",keyword:"enum",params:{allowedValues:be.properties.choice.enum}}],!1;var n=K===e}else var n=!0;if(n){if(t.development!==
void 0){let y=t.development;const K=e;if(e===K)if(y&&typeof y=="object"&&!Array.isArray(y)){let d;if(y.exposure===void 0&&
(d="exposure")||y.contrast===void 0&&(d="contrast")||y.highlights===void 0&&(d="highlights")||y.shadows===void 0&&(d="sh\
adows")||y.white===void 0&&(d="white")||y.saturation===void 0&&(d="saturation")||y.greys===void 0&&(d="greys")||y.sharpening===
void 0&&(d="sharpening")||y.noise===void 0&&(d="noise"))return R.errors=[{instancePath:i+"/development",schemaPath:"#/pr\
operties/development/required",keyword:"required",params:{missingProperty:d}}],!1;{const I=e;for(const l in y)if(!we.call(
be.properties.development.properties,l)){return R.errors=[{instancePath:i+"/development",schemaPath:"#/properties/develo\
pment/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(I===e){if(y.exposure!==
void 0){let l=y.exposure;const j=e;if(e===j)if(typeof l=="number"&&isFinite(l)){if(l>5||isNaN(l))return R.errors=[{instancePath:i+
"/development/exposure",schemaPath:"#/properties/development/properties/exposure/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:5}}],!1;if(l<-5||isNaN(l))return R.errors=[{instancePath:i+"/development/exposure",schemaPath:"#/properties/de\
velopment/properties/exposure/minimum",keyword:"minimum",params:{comparison:">=",limit:-5}}],!1}else return R.errors=[{instancePath:i+
"/development/exposure",schemaPath:"#/properties/development/properties/exposure/type",keyword:"type",params:{type:"numb\
er"}}],!1;var x=j===e}else var x=!0;if(x){if(y.contrast!==void 0){let l=y.contrast;const j=e;if(e===j)if(typeof l=="numb\
er"&&isFinite(l)){if(l>1||isNaN(l))return R.errors=[{instancePath:i+"/development/contrast",schemaPath:"#/properties/dev\
elopment/properties/contrast/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(l<-1||isNaN(l))return R.
errors=[{instancePath:i+"/development/contrast",schemaPath:"#/properties/development/properties/contrast/minimum",keyword:"\
minimum",params:{comparison:">=",limit:-1}}],!1}else return R.errors=[{instancePath:i+"/development/contrast",schemaPath:"\
#/properties/development/properties/contrast/type",keyword:"type",params:{type:"number"}}],!1;var x=j===e}else var x=!0;
if(x){if(y.highlights!==void 0){let l=y.highlights;const j=e;if(e===j)if(typeof l=="number"&&isFinite(l)){if(l>1||isNaN(
l))return R.errors=[{instancePath:i+"/development/highlights",schemaPath:"#/properties/development/properties/highlights\
/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(l<-1||isNaN(l))return R.errors=[{instancePath:i+"/d\
evelopment/highlights",schemaPath:"#/properties/development/properties/highlights/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}}],!1}else return R.errors=[{instancePath:i+"/development/highlights",schemaPath:"#/properties/development/\
properties/highlights/type",keyword:"type",params:{type:"number"}}],!1;var x=j===e}else var x=!0;if(x){if(y.shadows!==void 0){
let l=y.shadows;const j=e;if(e===j)if(typeof l=="number"&&isFinite(l)){if(l>1||isNaN(l))return R.errors=[{instancePath:i+
"/development/shadows",schemaPath:"#/properties/development/properties/shadows/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}}],!1;if(l<-1||isNaN(l))return R.errors=[{instancePath:i+"/development/shadows",schemaPath:"#/properties/dev\
elopment/properties/shadows/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return R.errors=[{instancePath:i+
"/development/shadows",schemaPath:"#/properties/development/properties/shadows/type",keyword:"type",params:{type:"number"}}],
!1;var x=j===e}else var x=!0;if(x){if(y.white!==void 0){let l=y.white;const j=e,p=e;let P=!1,Z=null;const q=e;if(l!==null){
const _={instancePath:i+"/development/white",schemaPath:"#/properties/development/properties/white/oneOf/0/type",keyword:"\
type",params:{type:"null"}};r===null?r=[_]:r.push(_),e++}var L=q===e;L&&(P=!0,Z=0);const E=e;if(e===E)if(l&&typeof l=="o\
bject"&&!Array.isArray(l)){let _;if(l.kelvin===void 0&&(_="kelvin")||l.tint===void 0&&(_="tint")){const Y={instancePath:i+
"/development/white",schemaPath:"#/properties/development/properties/white/oneOf/1/required",keyword:"required",params:{
missingProperty:_}};r===null?r=[Y]:r.push(Y),e++}else{const Y=e;for(const a in l)if(!(a==="kelvin"||a==="tint")){const S={
instancePath:i+"/development/white",schemaPath:"#/properties/development/properties/white/oneOf/1/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:a}};r===null?r=[S]:r.push(S),e++;break}if(Y===e){if(l.kelvin!==
void 0){let a=l.kelvin;const S=e;if(e===S)if(typeof a=="number"&&isFinite(a)){if(a>12e3||isNaN(a)){const s={instancePath:i+
"/development/white/kelvin",schemaPath:"#/properties/development/properties/white/oneOf/1/properties/kelvin/maximum",keyword:"\
maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[s]:r.push(s),e++}else if(a<2e3||isNaN(a)){const s={instancePath:i+
"/development/white/kelvin",schemaPath:"#/properties/development/properties/white/oneOf/1/properties/kelvin/minimum",keyword:"\
minimum",params:{comparison:">=",limit:2e3}};r===null?r=[s]:r.push(s),e++}}else{const s={instancePath:i+"/development/wh\
ite/kelvin",schemaPath:"#/properties/development/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{
type:"number"}};r===null?r=[s]:r.push(s),e++}var F=S===e}else var F=!0;if(F)if(l.tint!==void 0){let a=l.tint;const S=e;if(e===
S)if(typeof a=="number"&&isFinite(a)){if(a>30||isNaN(a)){const c={instancePath:i+"/development/white/tint",schemaPath:"#\
/properties/development/properties/white/oneOf/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};
r===null?r=[c]:r.push(c),e++}else if(a<-30||isNaN(a)){const c={instancePath:i+"/development/white/tint",schemaPath:"#/pr\
operties/development/properties/white/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};
r===null?r=[c]:r.push(c),e++}}else{const c={instancePath:i+"/development/white/tint",schemaPath:"#/properties/developmen\
t/properties/white/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[c]:r.push(c),e++}var F=S===
e}else var F=!0}}}else{const _={instancePath:i+"/development/white",schemaPath:"#/properties/development/properties/whit\
e/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[_]:r.push(_),e++}var L=E===e;if(L&&P?(P=!1,Z=[Z,1]):L&&
(P=!0,Z=1),P)e=p,r!==null&&(p?r.length=p:r=null);else{const _={instancePath:i+"/development/white",schemaPath:"#/propert\
ies/development/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:Z}};return r===null?r=[_]:r.push(_),e++,R.
errors=r,!1}var x=j===e}else var x=!0;if(x){if(y.saturation!==void 0){let l=y.saturation;const j=e;if(e===j)if(typeof l==
"number"&&isFinite(l)){if(l>1||isNaN(l))return R.errors=[{instancePath:i+"/development/saturation",schemaPath:"#/propert\
ies/development/properties/saturation/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(l<-1||isNaN(l))
return R.errors=[{instancePath:i+"/development/saturation",schemaPath:"#/properties/development/properties/saturation/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return R.errors=[{instancePath:i+"/development/satu\
ration",schemaPath:"#/properties/development/properties/saturation/type",keyword:"type",params:{type:"number"}}],!1;var x=j===
e}else var x=!0;if(x){if(y.greys!==void 0){let l=y.greys;const j=e,p=e;let P=!1,Z=null;const q=e;if(l!==null){const _={instancePath:i+
"/development/greys",schemaPath:"#/properties/development/properties/greys/oneOf/0/type",keyword:"type",params:{type:"nu\
ll"}};r===null?r=[_]:r.push(_),e++}var D=q===e;D&&(P=!0,Z=0);const E=e;if(e===E)if(Array.isArray(l))if(l.length>3){const _={
instancePath:i+"/development/greys",schemaPath:"#/properties/development/properties/greys/oneOf/1/maxItems",keyword:"max\
Items",params:{limit:3}};r===null?r=[_]:r.push(_),e++}else if(l.length<3){const _={instancePath:i+"/development/greys",schemaPath:"\
#/properties/development/properties/greys/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[_]:r.push(_),
e++}else{var X=!0;const _=l.length;for(let Y=0;Y<_;Y++){let a=l[Y];const S=e;if(e===S)if(typeof a=="number"&&isFinite(a)){
if(a>2||isNaN(a)){const c={instancePath:i+"/development/greys/"+Y,schemaPath:"#/properties/development/properties/greys/\
oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}};r===null?r=[c]:r.push(c),e++}else if(a<-1||isNaN(
a)){const c={instancePath:i+"/development/greys/"+Y,schemaPath:"#/properties/development/properties/greys/oneOf/1/items/\
minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[c]:r.push(c),e++}}else{const c={instancePath:i+
"/development/greys/"+Y,schemaPath:"#/properties/development/properties/greys/oneOf/1/items/type",keyword:"type",params:{
type:"number"}};r===null?r=[c]:r.push(c),e++}var X=S===e;if(!X)break}}else{const _={instancePath:i+"/development/greys",
schemaPath:"#/properties/development/properties/greys/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[_]:
r.push(_),e++}var D=E===e;if(D&&P?(P=!1,Z=[Z,1]):D&&(P=!0,Z=1),P)e=p,r!==null&&(p?r.length=p:r=null);else{const _={instancePath:i+
"/development/greys",schemaPath:"#/properties/development/properties/greys/oneOf",keyword:"oneOf",params:{passingSchemas:Z}};
return r===null?r=[_]:r.push(_),e++,R.errors=r,!1}var x=j===e}else var x=!0;if(x){if(y.sharpening!==void 0){let l=y.sharpening;
const j=e;if(e===j)if(typeof l=="number"&&isFinite(l)){if(l>1||isNaN(l))return R.errors=[{instancePath:i+"/development/s\
harpening",schemaPath:"#/properties/development/properties/sharpening/maximum",keyword:"maximum",params:{comparison:"<=",
limit:1}}],!1;if(l<0||isNaN(l))return R.errors=[{instancePath:i+"/development/sharpening",schemaPath:"#/properties/devel\
opment/properties/sharpening/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return R.errors=[{instancePath:i+
"/development/sharpening",schemaPath:"#/properties/development/properties/sharpening/type",keyword:"type",params:{type:"\
number"}}],!1;var x=j===e}else var x=!0;if(x)if(y.noise!==void 0){let l=y.noise;const j=e;if(e===j)if(typeof l=="number"&&
isFinite(l)){if(l>1||isNaN(l))return R.errors=[{instancePath:i+"/development/noise",schemaPath:"#/properties/development\
/properties/noise/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(l<0||isNaN(l))return R.errors=[{instancePath:i+
"/development/noise",schemaPath:"#/properties/development/properties/noise/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:0}}],!1}else return R.errors=[{instancePath:i+"/development/noise",schemaPath:"#/properties/development/proper\
ties/noise/type",keyword:"type",params:{type:"number"}}],!1;var x=j===e}else var x=!0}}}}}}}}}}else return R.errors=[{instancePath:i+
"/development",schemaPath:"#/properties/development/type",keyword:"type",params:{type:"object"}}],!1;var n=K===e}else var n=!0;
if(n)if(t.reframe!==void 0){let y=t.reframe;const K=e;if(e===K)if(y&&typeof y=="object"&&!Array.isArray(y)){let d;if(y.quarters===
void 0&&(d="quarters")||y.tilt===void 0&&(d="tilt")||y.crop===void 0&&(d="crop"))return R.errors=[{instancePath:i+"/refr\
ame",schemaPath:"#/properties/reframe/required",keyword:"required",params:{missingProperty:d}}],!1;{const I=e;for(const l in y)
if(!(l==="quarters"||l==="tilt"||l==="crop")){return R.errors=[{instancePath:i+"/reframe",schemaPath:"#/properties/refra\
me/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(I===e){if(y.quarters!==
void 0){let l=y.quarters;const j=e;if(!(l===0||l===1||l===2||l===3))return R.errors=[{instancePath:i+"/reframe/quarters",
schemaPath:"#/properties/reframe/properties/quarters/enum",keyword:"enum",params:{allowedValues:be.properties.reframe.properties.
quarters.enum}}],!1;var A=j===e}else var A=!0;if(A){if(y.tilt!==void 0){let l=y.tilt;const j=e;if(!(typeof l=="number"&&
!(l%1)&&!isNaN(l)&&isFinite(l)))return R.errors=[{instancePath:i+"/reframe/tilt",schemaPath:"#/properties/reframe/proper\
ties/tilt/type",keyword:"type",params:{type:"integer"}}],!1;if(e===j&&typeof l=="number"&&isFinite(l)){if(l>450||isNaN(l))
return R.errors=[{instancePath:i+"/reframe/tilt",schemaPath:"#/properties/reframe/properties/tilt/maximum",keyword:"maxi\
mum",params:{comparison:"<=",limit:450}}],!1;if(l<-450||isNaN(l))return R.errors=[{instancePath:i+"/reframe/tilt",schemaPath:"\
#/properties/reframe/properties/tilt/minimum",keyword:"minimum",params:{comparison:">=",limit:-450}}],!1}var A=j===e}else
var A=!0;if(A)if(y.crop!==void 0){let l=y.crop;const j=e;if(e===j)if(l&&typeof l=="object"&&!Array.isArray(l)){let P;if(l.
x===void 0&&(P="x")||l.y===void 0&&(P="y")||l.width===void 0&&(P="width")||l.height===void 0&&(P="height"))return R.errors=
[{instancePath:i+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/required",keyword:"required",params:{missingProperty:P}}],
!1;{const Z=e;for(const q in l)if(!(q==="x"||q==="y"||q==="width"||q==="height")){return R.errors=[{instancePath:i+"/ref\
rame/crop",schemaPath:"#/properties/reframe/properties/crop/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:q}}],!1;break}if(Z===e){if(l.x!==void 0){let q=l.x;const E=e;if(e===E)if(typeof q=="number"&&isFinite(
q)){if(q>2||isNaN(q))return R.errors=[{instancePath:i+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop\
/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(q<-1||isNaN(q))return R.errors=[{instancePath:i+
"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop/properties/x/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}}],!1}else return R.errors=[{instancePath:i+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/c\
rop/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var $=E===e}else var $=!0;if($){if(l.y!==void 0){let q=l.
y;const E=e;if(e===E)if(typeof q=="number"&&isFinite(q)){if(q>2||isNaN(q))return R.errors=[{instancePath:i+"/reframe/cro\
p/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],
!1;if(q<-1||isNaN(q))return R.errors=[{instancePath:i+"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop\
/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return R.errors=[{instancePath:i+"/\
reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/type",keyword:"type",params:{type:"number"}}],
!1;var $=E===e}else var $=!0;if($){if(l.width!==void 0){let q=l.width;const E=e;if(e===E)if(typeof q=="number"&&isFinite(
q)){if(q>2||isNaN(q))return R.errors=[{instancePath:i+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/\
crop/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(q<.001||isNaN(q))return R.errors=
[{instancePath:i+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/crop/properties/width/minimum",keyword:"\
minimum",params:{comparison:">=",limit:.001}}],!1}else return R.errors=[{instancePath:i+"/reframe/crop/width",schemaPath:"\
#/properties/reframe/properties/crop/properties/width/type",keyword:"type",params:{type:"number"}}],!1;var $=E===e}else var $=!0;
if($)if(l.height!==void 0){let q=l.height;const E=e;if(e===E)if(typeof q=="number"&&isFinite(q)){if(q>2||isNaN(q))return R.
errors=[{instancePath:i+"/reframe/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(q<.001||isNaN(q))return R.errors=[{instancePath:i+"/refram\
e/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:.001}}],!1}else return R.errors=[{instancePath:i+"/reframe/crop/height",schemaPath:"#/properties/reframe/prope\
rties/crop/properties/height/type",keyword:"type",params:{type:"number"}}],!1;var $=E===e}else var $=!0}}}}}else return R.
errors=[{instancePath:i+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/type",keyword:"type",params:{type:"\
object"}}],!1;var A=j===e}else var A=!0}}}}else return R.errors=[{instancePath:i+"/reframe",schemaPath:"#/properties/ref\
rame/type",keyword:"type",params:{type:"object"}}],!1;var n=K===e}else var n=!0}}}}}}else return R.errors=[{instancePath:i,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return R.errors=r,e===0}const Ue=fe,$e={$id:"velmo/roll/1",
type:"object",properties:{version:{const:1},id:{type:"string",minLength:1,maxLength:200},name:{type:"string",minLength:1,
maxLength:40},madeAt:{type:"number",minimum:0}},required:["version","id","name","madeAt"],additionalProperties:!1};function fe(t,{
instancePath:i="",parentData:he,parentDataProperty:ye,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let x;if(t.version===void 0&&(x="version")||t.id===void 0&&(x="id")||t.name===void 0&&(x="name")||t.madeAt===
void 0&&(x="madeAt"))return fe.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",params:{missingProperty:x}}],
!1;{const F=e;for(const L in t)if(!(L==="version"||L==="id"||L==="name"||L==="madeAt")){return fe.errors=[{instancePath:i,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:L}}],!1;break}if(F===e){if(t.
version!==void 0){const L=e;if(t.version!==1)return fe.errors=[{instancePath:i+"/version",schemaPath:"#/properties/versi\
on/const",keyword:"const",params:{allowedValue:1}}],!1;var n=L===e}else var n=!0;if(n){if(t.id!==void 0){let L=t.id;const X=e;
if(e===X)if(typeof L=="string"){if(oe(L)>200)return fe.errors=[{instancePath:i+"/id",schemaPath:"#/properties/id/maxLeng\
th",keyword:"maxLength",params:{limit:200}}],!1;if(oe(L)<1)return fe.errors=[{instancePath:i+"/id",schemaPath:"#/propert\
ies/id/minLength",keyword:"minLength",params:{limit:1}}],!1}else return fe.errors=[{instancePath:i+"/id",schemaPath:"#/p\
roperties/id/type",keyword:"type",params:{type:"string"}}],!1;var n=X===e}else var n=!0;if(n){if(t.name!==void 0){let L=t.
name;const X=e;if(e===X)if(typeof L=="string"){if(oe(L)>40)return fe.errors=[{instancePath:i+"/name",schemaPath:"#/prope\
rties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(oe(L)<1)return fe.errors=[{instancePath:i+"/name",schemaPath:"\
#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return fe.errors=[{instancePath:i+"/name",schemaPath:"\
#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var n=X===e}else var n=!0;if(n)if(t.madeAt!==void 0){
let L=t.madeAt;const X=e;if(e===X)if(typeof L=="number"&&isFinite(L)){if(L<0||isNaN(L))return fe.errors=[{instancePath:i+
"/madeAt",schemaPath:"#/properties/madeAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return fe.
errors=[{instancePath:i+"/madeAt",schemaPath:"#/properties/madeAt/type",keyword:"type",params:{type:"number"}}],!1;var n=X===
e}else var n=!0}}}}}else return fe.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;
return fe.errors=r,e===0}const Qe=ve,Ze={$id:"velmo/frame-marks/1",type:"object",properties:{version:{const:1},clips:{type:"\
boolean"},zebra:{type:"boolean"},edges:{type:"boolean"}},required:["version","clips","zebra","edges"],additionalProperties:!1};
function ve(t,{instancePath:i="",parentData:he,parentDataProperty:ye,rootData:de=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t==
"object"&&!Array.isArray(t)){let x;if(t.version===void 0&&(x="version")||t.clips===void 0&&(x="clips")||t.zebra===void 0&&
(x="zebra")||t.edges===void 0&&(x="edges"))return ve.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",
params:{missingProperty:x}}],!1;{const F=e;for(const L in t)if(!(L==="version"||L==="clips"||L==="zebra"||L==="edges")){
return ve.errors=[{instancePath:i,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:L}}],
!1;break}if(F===e){if(t.version!==void 0){const L=e;if(t.version!==1)return ve.errors=[{instancePath:i+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var n=L===e}else var n=!0;if(n){if(t.clips!==void 0){
const L=e;if(typeof t.clips!="boolean")return ve.errors=[{instancePath:i+"/clips",schemaPath:"#/properties/clips/type",keyword:"\
type",params:{type:"boolean"}}],!1;var n=L===e}else var n=!0;if(n){if(t.zebra!==void 0){const L=e;if(typeof t.zebra!="bo\
olean")return ve.errors=[{instancePath:i+"/zebra",schemaPath:"#/properties/zebra/type",keyword:"type",params:{type:"bool\
ean"}}],!1;var n=L===e}else var n=!0;if(n)if(t.edges!==void 0){const L=e;if(typeof t.edges!="boolean")return ve.errors=[
{instancePath:i+"/edges",schemaPath:"#/properties/edges/type",keyword:"type",params:{type:"boolean"}}],!1;var n=L===e}else
var n=!0}}}}}else return ve.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return ve.
errors=r,e===0}const Me=ie,ce={$id:"velmo/kit/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"\
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
required:["version","id","name","parts","settings","monitors"],additionalProperties:!1},qe=new RegExp("^[a-z0-9-]{1,40}$",
"u"),ze=new RegExp("\\S","u");function ie(t,{instancePath:i="",parentData:he,parentDataProperty:ye,rootData:de=t}={}){let r=null,
e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let A;if(t.version===void 0&&(A="version")||t.id===void 0&&(A=
"id")||t.name===void 0&&(A="name")||t.parts===void 0&&(A="parts")||t.settings===void 0&&(A="settings")||t.monitors===void 0&&
(A="monitors"))return ie.errors=[{instancePath:i,schemaPath:"#/required",keyword:"required",params:{missingProperty:A}}],
!1;{const $=e;for(const b in t)if(!(b==="version"||b==="id"||b==="name"||b==="parts"||b==="settings"||b==="monitors")){return ie.
errors=[{instancePath:i,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:b}}],
!1;break}if($===e){if(t.version!==void 0){const b=e;if(t.version!==1)return ie.errors=[{instancePath:i+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var n=b===e}else var n=!0;if(n){if(t.id!==void 0){
let b=t.id;const J=e;if(e===J)if(typeof b=="string"){if(!qe.test(b))return ie.errors=[{instancePath:i+"/id",schemaPath:"\
#/properties/id/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,40}$"}}],!1}else return ie.errors=[{instancePath:i+
"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type:"string"}}],!1;var n=J===e}else var n=!0;if(n){if(t.
name!==void 0){let b=t.name;const J=e;if(e===J)if(typeof b=="string"){if(oe(b)>40)return ie.errors=[{instancePath:i+"/na\
me",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(oe(b)<1)return ie.errors=[{instancePath:i+
"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1;if(!ze.test(b))return ie.errors=
[{instancePath:i+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern:"\\S"}}],!1}else return ie.
errors=[{instancePath:i+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var n=J===
e}else var n=!0;if(n){if(t.parts!==void 0){let b=t.parts;const J=e;if(e===J)if(Array.isArray(b)){if(b.length<1)return ie.
errors=[{instancePath:i+"/parts",schemaPath:"#/properties/parts/minItems",keyword:"minItems",params:{limit:1}}],!1;{var x=!0;
const K=b.length;for(let f=0;f<K;f++){let d=b[f];const I=e;if(!(d==="exposure"||d==="focus"||d==="white"||d==="rig"||d===
"files"||d==="series"||d==="marks"))return ie.errors=[{instancePath:i+"/parts/"+f,schemaPath:"#/properties/parts/items/e\
num",keyword:"enum",params:{allowedValues:ce.properties.parts.items.enum}}],!1;var x=I===e;if(!x)break}if(x){let f=b.length,
d;if(f>1){e:for(;f--;)for(d=f;d--;)if(xe(b[f],b[d])){return ie.errors=[{instancePath:i+"/parts",schemaPath:"#/properties\
/parts/uniqueItems",keyword:"uniqueItems",params:{i:f,j:d}}],!1;break e}}}}}else return ie.errors=[{instancePath:i+"/par\
ts",schemaPath:"#/properties/parts/type",keyword:"type",params:{type:"array"}}],!1;var n=J===e}else var n=!0;if(n){if(t.
settings!==void 0){const b=e;M(t.settings,{instancePath:i+"/settings",parentData:t,parentDataProperty:"settings",rootData:de})||
(r=r===null?M.errors:r.concat(M.errors),e=r.length);var n=b===e}else var n=!0;if(n)if(t.monitors!==void 0){let b=t.monitors;
const J=e;if(e===J)if(b&&typeof b=="object"&&!Array.isArray(b)){let K;if(b.over===void 0&&(K="over")||b.overColour===void 0&&
(K="overColour")||b.under===void 0&&(K="under")||b.zebra===void 0&&(K="zebra")||b.toneClicks===void 0&&(K="toneClicks")||
b.rawHistogram===void 0&&(K="rawHistogram")||b.logHeight===void 0&&(K="logHeight")||b.pictureHistogram===void 0&&(K="pic\
tureHistogram")||b.allowedShare===void 0&&(K="allowedShare")||b.peaking===void 0&&(K="peaking")||b.peakingStrength===void 0&&
(K="peakingStrength")||b.peakingColour===void 0&&(K="peakingColour"))return ie.errors=[{instancePath:i+"/monitors",schemaPath:"\
#/properties/monitors/required",keyword:"required",params:{missingProperty:K}}],!1;{const f=e;for(const d in b)if(!we.call(
ce.properties.monitors.properties,d)){return ie.errors=[{instancePath:i+"/monitors",schemaPath:"#/properties/monitors/ad\
ditionalProperties",keyword:"additionalProperties",params:{additionalProperty:d}}],!1;break}if(f===e){if(b.over!==void 0){
let d=b.over;const I=e;if(!(d==="any"||d==="red"||d==="green"||d==="blue"||d==="off"))return ie.errors=[{instancePath:i+
"/monitors/over",schemaPath:"#/properties/monitors/properties/over/enum",keyword:"enum",params:{allowedValues:ce.properties.
monitors.properties.over.enum}}],!1;var F=I===e}else var F=!0;if(F){if(b.overColour!==void 0){let d=b.overColour;const I=e;
if(!(d==="pink"||d==="white"||d==="black"))return ie.errors=[{instancePath:i+"/monitors/overColour",schemaPath:"#/proper\
ties/monitors/properties/overColour/enum",keyword:"enum",params:{allowedValues:ce.properties.monitors.properties.overColour.
enum}}],!1;var F=I===e}else var F=!0;if(F){if(b.under!==void 0){const d=e;if(typeof b.under!="boolean")return ie.errors=
[{instancePath:i+"/monitors/under",schemaPath:"#/properties/monitors/properties/under/type",keyword:"type",params:{type:"\
boolean"}}],!1;var F=d===e}else var F=!0;if(F){if(b.zebra!==void 0){let d=b.zebra;const I=e,l=e;let j=!1,p=null;const P=e;
if(d!==null){const E={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/0/type",
keyword:"type",params:{type:"null"}};r===null?r=[E]:r.push(E),e++}var X=P===e;X&&(j=!0,p=0);const Z=e;if(e===Z)if(d&&typeof d==
"object"&&!Array.isArray(d)){let E;if(d.on===void 0&&(E="on")||d.clicksUnder===void 0&&(E="clicksUnder")){const se={instancePath:i+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/required",keyword:"required",params:{missingProperty:E}};
r===null?r=[se]:r.push(se),e++}else{const se=e;for(const _ in d)if(!(_==="on"||_==="clicksUnder")){const Y={instancePath:i+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/additionalProperties",keyword:"additionalPr\
operties",params:{additionalProperty:_}};r===null?r=[Y]:r.push(Y),e++;break}if(se===e){if(d.on!==void 0){const _=e;if(d.
on!=="raw"){const Y={instancePath:i+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/prop\
erties/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?r=[Y]:r.push(Y),e++}var L=_===e}else var L=!0;if(L)
if(d.clicksUnder!==void 0){let _=d.clicksUnder;const Y=e;if(!(typeof _=="number"&&!(_%1)&&!isNaN(_)&&isFinite(_))){const S={
instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/click\
sUnder/type",keyword:"type",params:{type:"integer"}};r===null?r=[S]:r.push(S),e++}if(e===Y&&typeof _=="number"&&isFinite(
_)){if(_>9||isNaN(_)){const S={instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties\
/zebra/oneOf/1/properties/clicksUnder/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[S]:r.push(
S),e++}else if(_<0||isNaN(_)){const S={instancePath:i+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/pr\
operties/zebra/oneOf/1/properties/clicksUnder/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[S]:
r.push(S),e++}}var L=Y===e}else var L=!0}}}else{const E={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monit\
ors/properties/zebra/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[E]:r.push(E),e++}var X=Z===e;if(X&&
j)j=!1,p=[p,1];else{X&&(j=!0,p=1);const E=e;if(e===E)if(d&&typeof d=="object"&&!Array.isArray(d)){let _;if(d.on===void 0&&
(_="on")||d.percent===void 0&&(_="percent")){const Y={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors\
/properties/zebra/oneOf/2/required",keyword:"required",params:{missingProperty:_}};r===null?r=[Y]:r.push(Y),e++}else{const Y=e;
for(const a in d)if(!(a==="on"||a==="percent")){const S={instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monit\
ors/properties/zebra/oneOf/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:a}};r===null?
r=[S]:r.push(S),e++;break}if(Y===e){if(d.on!==void 0){const a=e;if(d.on!=="picture"){const S={instancePath:i+"/monitors/\
zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/on/const",keyword:"const",params:{allowedValue:"\
picture"}};r===null?r=[S]:r.push(S),e++}var D=a===e}else var D=!0;if(D)if(d.percent!==void 0){let a=d.percent;const S=e;
if(!(typeof a=="number"&&!(a%1)&&!isNaN(a)&&isFinite(a))){const c={instancePath:i+"/monitors/zebra/percent",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/2/properties/percent/type",keyword:"type",params:{type:"integer"}};r===null?
r=[c]:r.push(c),e++}if(e===S&&typeof a=="number"&&isFinite(a)){if(a>109||isNaN(a)){const c={instancePath:i+"/monitors/ze\
bra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/maximum",keyword:"maximum",params:{
comparison:"<=",limit:109}};r===null?r=[c]:r.push(c),e++}else if(a<70||isNaN(a)){const c={instancePath:i+"/monitors/zebr\
a/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/minimum",keyword:"minimum",params:{
comparison:">=",limit:70}};r===null?r=[c]:r.push(c),e++}}var D=S===e}else var D=!0}}}else{const _={instancePath:i+"/moni\
tors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/type",keyword:"type",params:{type:"object"}};r===
null?r=[_]:r.push(_),e++}var X=E===e;X&&j?(j=!1,p=[p,2]):X&&(j=!0,p=2)}if(j)e=l,r!==null&&(l?r.length=l:r=null);else{const E={
instancePath:i+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:p}};
return r===null?r=[E]:r.push(E),e++,ie.errors=r,!1}var F=I===e}else var F=!0;if(F){if(b.toneClicks!==void 0){let d=b.toneClicks;
const I=e;if(!(typeof d=="number"&&!(d%1)&&!isNaN(d)&&isFinite(d))&&d!==null)return ie.errors=[{instancePath:i+"/monitor\
s/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/type",keyword:"type",params:{type:ce.properties.monitors.
properties.toneClicks.type}}],!1;if(e===I&&typeof d=="number"&&isFinite(d)){if(d>9||isNaN(d))return ie.errors=[{instancePath:i+
"/monitors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}}],!1;if(d<-18||isNaN(d))return ie.errors=[{instancePath:i+"/monitors/toneClicks",schemaPath:"#/properties/m\
onitors/properties/toneClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var F=I===e}else var F=!0;
if(F){if(b.rawHistogram!==void 0){let d=b.rawHistogram;const I=e;if(!(d==="off"||d==="small"||d==="large"))return ie.errors=
[{instancePath:i+"/monitors/rawHistogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",
params:{allowedValues:ce.properties.monitors.properties.rawHistogram.enum}}],!1;var F=I===e}else var F=!0;if(F){if(b.logHeight!==
void 0){const d=e;if(typeof b.logHeight!="boolean")return ie.errors=[{instancePath:i+"/monitors/logHeight",schemaPath:"#\
/properties/monitors/properties/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var F=d===e}else var F=!0;if(F){
if(b.pictureHistogram!==void 0){const d=e;if(typeof b.pictureHistogram!="boolean")return ie.errors=[{instancePath:i+"/mo\
nitors/pictureHistogram",schemaPath:"#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"\
boolean"}}],!1;var F=d===e}else var F=!0;if(F){if(b.allowedShare!==void 0){let d=b.allowedShare;const I=e;if(!(d===0||d===
.001||d===.005||d===.02))return ie.errors=[{instancePath:i+"/monitors/allowedShare",schemaPath:"#/properties/monitors/pr\
operties/allowedShare/enum",keyword:"enum",params:{allowedValues:ce.properties.monitors.properties.allowedShare.enum}}],
!1;var F=I===e}else var F=!0;if(F){if(b.peaking!==void 0){let d=b.peaking;const I=e;if(!(d==="focusing"||d==="always"||d===
"off"))return ie.errors=[{instancePath:i+"/monitors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",
keyword:"enum",params:{allowedValues:ce.properties.monitors.properties.peaking.enum}}],!1;var F=I===e}else var F=!0;if(F){
if(b.peakingStrength!==void 0){let d=b.peakingStrength;const I=e;if(!(d==="low"||d==="medium"||d==="high"))return ie.errors=
[{instancePath:i+"/monitors/peakingStrength",schemaPath:"#/properties/monitors/properties/peakingStrength/enum",keyword:"\
enum",params:{allowedValues:ce.properties.monitors.properties.peakingStrength.enum}}],!1;var F=I===e}else var F=!0;if(F)
if(b.peakingColour!==void 0){let d=b.peakingColour;const I=e;if(!(d==="violet"||d==="white"||d==="blue"))return ie.errors=
[{instancePath:i+"/monitors/peakingColour",schemaPath:"#/properties/monitors/properties/peakingColour/enum",keyword:"enu\
m",params:{allowedValues:ce.properties.monitors.properties.peakingColour.enum}}],!1;var F=I===e}else var F=!0}}}}}}}}}}}}}else
return ie.errors=[{instancePath:i+"/monitors",schemaPath:"#/properties/monitors/type",keyword:"type",params:{type:"objec\
t"}}],!1;var n=J===e}else var n=!0}}}}}}}else return ie.errors=[{instancePath:i,schemaPath:"#/type",keyword:"type",params:{
type:"object"}}],!1;return ie.errors=r,e===0}export{He as cameraChoice,De as cameraLight,Ee as decision,Le as frameRecord,Me as kit,Qe as markChoice,Ve as olderFrameRecord,
Ce as preferences,Ue as rollRecord,Fe as settings};
